import { answer, api, upload, type PictureSummary, type SavedRoster } from "../api/client";

/** What file dialogs offer for tables, and the pictures that come with them. */
export const TABLE_FILES = ".csv,.tsv,.txt,.xlsx,.ods,.zip,text/csv,text/plain";

/** A zip file may have a table and its pictures in it. */
const TABLE = /\.(csv|tsv|tab|txt|xlsx|xls|ods|zip)$/i;

export function isTable(file: File): boolean {
  return TABLE.test(file.name);
}

/** A roster with the table that it was just made of. */
export interface Brought {
  roster: SavedRoster;
  file: File;
}

/** Reads a table again, in another way; the roster of the first reading gives way. */
export async function readAgain(
  { roster, file }: Brought,
  encoding: string,
  heading: "FIRST_ROW" | "NONE",
): Promise<Brought> {
  const read = await upload<SavedRoster>(
    `/api/packages/${roster.packageId}/rosters?encoding=${encodeURIComponent(encoding)}&heading=${heading}`,
    file,
  );
  await answer(api.DELETE("/api/rosters/{id}", { params: { path: { id: roster.id } } }));
  return { roster: read, file };
}

/**
 * Takes pictures and then tables into a package, so that the rows find their pictures.
 *
 * @param onProblem told of each file that was refused; the others go on
 * @return the roster of the last table, if there was one
 */
export async function bring(
  packageId: number,
  files: readonly File[],
  onProblem: (sentence: string) => void,
): Promise<Brought | undefined> {
  let brought: Brought | undefined;
  const told = (e: unknown) => onProblem(e instanceof Error ? e.message : String(e));
  for (const file of files.filter((one) => !isTable(one) && !one.name.startsWith("."))) {
    try {
      await upload<PictureSummary>(`/api/packages/${packageId}/pictures`, file);
    } catch (e) {
      told(e);
    }
  }
  for (const file of files.filter(isTable)) {
    try {
      const roster = await upload<SavedRoster>(`/api/packages/${packageId}/rosters`, file);
      brought = { roster, file };
    } catch (e) {
      told(e);
    }
  }
  return brought;
}
