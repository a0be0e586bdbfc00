import { expect, test } from "vitest";
import type { Marking } from "../api/client";
import {
  cornerOf,
  inUnit,
  numberOf,
  otherDresses,
  ratio,
  shared,
  withNumber,
  wordOf,
} from "./marking";

const MARKING: Marking = {
  dress: "AUTO",
  corner: cornerOf("BOTTOM_RIGHT"),
  size: { kind: "share", share: 0.25 },
  margin: { kind: "pixels", pixels: 12 },
  opacity: 1,
};

test.each(["BOTTOM_RIGHT", "CENTRE", "quietest", "quietest below"] as const)(
  "the corner %s is called as it was chosen",
  (word) => {
    expect(wordOf(cornerOf(word))).toBe(word);
  },
);

test("shares are told in per cent", () => {
  expect(numberOf(MARKING.size)).toBe(25);
  expect(withNumber(MARKING.size, 40)).toEqual({ kind: "share", share: 0.4 });
  expect(withNumber(MARKING.margin, 40)).toEqual({ kind: "pixels", pixels: 40 });
  expect(inUnit("pixels", 0.25, 300)).toEqual({ kind: "pixels", pixels: 300 });
});

test("several are marked alike only if nothing differs", () => {
  expect(shared([MARKING, { ...MARKING }])).toEqual(MARKING);
  expect(shared([MARKING, { ...MARKING, opacity: 0.5 }])).toBeUndefined();
  expect(shared([])).toBeUndefined();
});

test("the house's other dress is offered where the house has one", () => {
  const colour = { name: "Buoy", formerly: [], role: "", light: "#e8a33d", dark: "#e8a33d" };
  const house = { colours: [colour], finishSets: [] };
  const others = [{ id: 4, overlay: { name: "Watermark" } }];
  expect(otherDresses(house, others)).toEqual([
    [{ kind: "exchanged" }, "with light and dark exchanged"],
    [{ kind: "overlay", overlay: 4 }, "Watermark"],
  ]);
  const dressed = { ...house, colours: [{ ...colour, dark: "#ffd68a" }] };
  expect(otherDresses(dressed, others)[1]).toEqual([
    { kind: "house" },
    "in the other dress of the house",
  ]);
});

test("a contrast that is too little is not told as enough", () => {
  expect(ratio(2.98)).toBe("2.9");
  expect(ratio(3)).toBe("3.0");
});
