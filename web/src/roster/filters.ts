import type { SavedRow } from "../api/client";

/** Which rows are shown. */
export const FILTERS = [
  "All",
  "To put right",
  "Extremes",
  "Changed since delivered",
  "Left out",
  "Chosen",
] as const;
export type Filter = (typeof FILTERS)[number];

/** What is known of rows, by their ids. */
export interface Facts {
  troubles: ReadonlyMap<number, unknown>;
  /** Why they decide whether the design is right. */
  why: ReadonlyMap<number, unknown>;
  picked: ReadonlySet<number>;
  changed: ReadonlySet<number>;
}

export function passes(row: SavedRow, filter: Filter, facts: Facts): boolean {
  switch (filter) {
    case "All":
      return true;
    case "To put right":
      return !row.leftOut && facts.troubles.has(row.id);
    case "Extremes":
      return facts.why.has(row.id);
    case "Changed since delivered":
      return !row.leftOut && facts.changed.has(row.id);
    case "Left out":
      return row.leftOut;
    case "Chosen":
      return facts.picked.has(row.id);
  }
}
