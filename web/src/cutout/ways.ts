import type { CutView } from "../api/client";

/** A way of looking at a cut-out: one of the core's, or before and after side by side at the edge. */
export type Way = CutView | "EDGE";

export const WAYS: readonly Way[] = ["RESULT", "ALPHA", "GONE", "BEFORE", "EDGE"];

/** @param marking whether the cut-out is made by marks */
export function wordsOf(way: Way, marking: boolean): string {
  switch (way) {
    case "RESULT":
      return "What is left";
    case "ALPHA":
      return "Its alpha";
    case "GONE":
      return "What is gone";
    case "BEFORE":
      return marking ? "Marks" : "As it came";
    case "EDGE":
      return "Edge, 8 : 1";
  }
}

/** What the hand does on the table. */
export type Hand = "keep" | "drop" | "move" | "pick";

const MARKING = [
  ["keep", "marks what to keep"],
  ["drop", "marks what to drop"],
  ["move", "moves the picture"],
] as const;

const PICKING = [
  ["move", "moves the picture"],
  ["pick", "picks the ground"],
] as const;

export function handsFor(marking: boolean): readonly (readonly [Hand, string])[] {
  return marking ? MARKING : PICKING;
}
