import { expect, test } from "vitest";
import type { BothLooks, TouchedOverlay } from "../api/client";
import { allSeen, inWords, keyOf, worstFirst } from "./seen";

const one = (id: number, rows: number, files: number, itself = true): TouchedOverlay => ({
  packageId: 1,
  packageName: "Regatta",
  id,
  name: `Overlay ${id}`,
  itself,
  rows: Array.from({ length: rows }, (_, i) => ({ id: 100 * id + i, key: i === 0 ? "" : `R${i}` })),
  files: Array.from({ length: files }, (_, i) => `${id}-${i}.png`),
});

const look = (contrastAfter: number): BothLooks => ({
  before: "b",
  after: "a",
  contrastBefore: 9,
  contrastAfter,
});

test("an overlay is seen by itself where it changes, and with each of its rows", () => {
  const seen = allSeen([one(1, 2, 0), one(2, 1, 0, false)]);
  expect(seen.map(keyOf)).toEqual(["1-0", "1-100", "1-101", "2-200"]);
  expect(seen.map((each) => each.name)).toEqual([
    "Overlay 1",
    "Overlay 1, a row without a name",
    "Overlay 1, R1",
    "Overlay 2, a row without a name",
  ]);
});

test("what is hardest to read comes first; without words, or not drawn yet, last", () => {
  const seen = allSeen([one(1, 0, 0), one(2, 0, 0), one(3, 0, 0), one(4, 0, 0)]);
  const looks = new Map([
    ["1-0", look(5)],
    ["2-0", look(0)],
    ["4-0", look(1.2)],
  ]);
  expect(worstFirst(seen, looks).map((each) => each.overlay)).toEqual([4, 1, 2, 3]);
  expect(worstFirst(seen, new Map()).map((each) => each.overlay)).toEqual([1, 2, 3, 4]);
});

test("what a change touches is told without what is kept out", () => {
  const touched = [one(1, 24, 2), one(2, 0, 1), one(3, 0, 0)];
  expect(inWords(touched, new Set())).toBe("3 overlays, 24 rows and 3 delivered files");
  expect(inWords(touched, new Set([1]))).toBe("2 overlays and 1 delivered file");
  expect(inWords(touched, new Set([1, 2]))).toBe("1 overlay");
  expect(inWords(touched, new Set([1, 2, 3]))).toBe("nothing");
});
