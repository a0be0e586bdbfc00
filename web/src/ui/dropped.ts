/** All files that were dropped, those in folders too. */
export async function dropped(data: DataTransfer): Promise<File[]> {
  const entries = [...data.items].map((item) => item.webkitGetAsEntry());
  const files = [...data.files];
  if (!entries.some((entry) => entry?.isDirectory)) return files;
  const found: File[] = [];
  for (const entry of entries) {
    if (entry) await collect(entry, found);
  }
  return found;
}

async function collect(entry: FileSystemEntry, found: File[]): Promise<void> {
  if (entry.isFile) {
    found.push(
      await new Promise<File>((give, fail) => (entry as FileSystemFileEntry).file(give, fail)),
    );
    return;
  }
  const reader = (entry as FileSystemDirectoryEntry).createReader();
  const read = () => new Promise<FileSystemEntry[]>((give, fail) => reader.readEntries(give, fail));
  // A browser hands out the entries of a large folder in several portions.
  for (let some = await read(); some.length > 0; some = await read()) {
    for (const one of some) await collect(one, found);
  }
}
