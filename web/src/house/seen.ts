import type { BothLooks, TouchedOverlay } from "../api/client";

/** An overlay, or one of the rows that fill it, that a change of a house touches. */
export interface Seen {
  overlay: number;
  /** 0 for the overlay by itself. */
  row: number;
  name: string;
  packageName: string;
}

export const keyOf = (seen: Seen) => `${seen.overlay}-${seen.row}`;

/** All that is touched: each overlay by itself, then its rows. */
export function allSeen(touched: readonly TouchedOverlay[]): Seen[] {
  return touched.flatMap((one) => [
    ...(one.itself
      ? [{ overlay: one.id, row: 0, name: one.name, packageName: one.packageName }]
      : []),
    ...one.rows.map((row) => ({
      overlay: one.id,
      row: row.id,
      name: `${one.name}, ${row.key || "a row without a name"}`,
      packageName: one.packageName,
    })),
  ]);
}

/** The worst to be read after the change first; what has no words, or is not drawn yet, last. */
export function worstFirst(seen: readonly Seen[], looks: ReadonlyMap<string, BothLooks>): Seen[] {
  const contrast = (one: Seen) => {
    const look = looks.get(keyOf(one));
    if (!look) return Number.POSITIVE_INFINITY;
    return look.contrastAfter === 0 ? 1e6 : look.contrastAfter;
  };
  // Sorting keeps what is equal in its order.
  return seen.toSorted((a, b) => {
    const [one, other] = [contrast(a), contrast(b)];
    return one === other ? 0 : one - other;
  });
}

/** "3 overlays, 24 rows and 12 delivered files", without what there is none of. */
export function inWords(touched: readonly TouchedOverlay[], keptOut: ReadonlySet<number>): string {
  const along = touched.filter((one) => !keptOut.has(one.id));
  const parts = [
    counted(along.filter((one) => one.itself).length, "overlay"),
    counted(
      along.reduce((sum, one) => sum + one.rows.length, 0),
      "row",
    ),
    counted(
      along.reduce((sum, one) => sum + one.files.length, 0),
      "delivered file",
    ),
  ].filter((words) => words !== "");
  const last = parts.pop();
  if (last === undefined) return "nothing";
  return parts.length === 0 ? last : `${parts.join(", ")} and ${last}`;
}

export function counted(count: number, thing: string): string {
  if (count === 0) return "";
  return `${count} ${thing}${count === 1 ? "" : "s"}`;
}
