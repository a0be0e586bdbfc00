/** Something that can be found by its name. */
export interface Findable {
  name: string;
  /** Where it stands, or the key for it; empty for neither. */
  about: string;
  run: () => void;
}

function plain(text: string): string {
  return text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim();
}

/**
 * Those whose name has a word that begins with each of the typed ones, the nearest first: names that
 * begin as typed, then those with fewer other words.
 */
export function found<T extends Findable>(all: readonly T[], typed: string): T[] {
  const wanted = plain(typed);
  if (wanted === "") return [...all];
  const parts = wanted.split(" ");
  return all
    .flatMap((one, place) => {
      const name = plain(one.name);
      const words = `${name} ${plain(one.about)}`.split(" ");
      if (!parts.every((part) => words.some((word) => word.startsWith(part)))) return [];
      const rank = (name.startsWith(wanted) ? 0 : 100) + name.split(" ").length;
      return [{ one, rank, place }];
    })
    .sort((a, b) => a.rank - b.rank || a.place - b.place)
    .map(({ one }) => one);
}
