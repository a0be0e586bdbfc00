import type { SavedOverlay } from "../api/client";

export type Order = "MADE" | "NAME" | "CHANGED";

/** The overlays whose names hold all words that are looked for, in any order of words. */
export function found(overlays: readonly SavedOverlay[], wanted: string, order: Order) {
  const words = wanted.toLocaleLowerCase().split(/\s+/).filter(Boolean);
  const matching = overlays.filter((one) => {
    const name = one.overlay.name.toLocaleLowerCase();
    return words.every((word) => name.includes(word));
  });
  switch (order) {
    case "MADE":
      return matching;
    case "NAME":
      return matching.toSorted((a, b) =>
        a.overlay.name.localeCompare(b.overlay.name, undefined, { numeric: true }),
      );
    case "CHANGED":
      return matching.toSorted((a, b) => b.savedAt.localeCompare(a.savedAt));
  }
}
