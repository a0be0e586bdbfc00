import { expect, test } from "vitest";
import type { FontFamily } from "../api/client";
import { alternatesOf, has, nameOfAlternate } from "./letterforms";

function family(name: string, ...features: [string, string][]): FontFamily {
  return {
    name,
    kind: "SANS",
    identity: "",
    weights: [{ weight: 400, name: "Regular" }],
    axes: [],
    features: features.map(([tag, said]) => ({ tag, name: said })),
  };
}

test("sets are called as their font calls them, or by their number", () => {
  expect(nameOfAlternate("ss03", "Open forms")).toBe("Open forms");
  expect(nameOfAlternate("ss03", "")).toBe("stylistic set 3");
  expect(nameOfAlternate("zero", "")).toBe("slashed zero");
});

test("what fonts have for other ends is not offered", () => {
  const plain = family("Plain", ["kern", ""], ["smcp", ""], ["ss01", ""], ["zero", ""]);
  expect(alternatesOf([plain], []).map(({ tag }) => tag)).toEqual(["ss01", "zero"]);
});

test("a name that any of the fonts says is taken, and what is chosen stays", () => {
  const silent = family("Silent", ["ss01", ""]);
  const said = family("Said", ["ss01", "Open forms"]);
  expect(alternatesOf([silent, said], ["ss09"])).toEqual([
    { tag: "ss01", name: "Open forms", here: true },
    { tag: "ss09", name: "stylistic set 9", here: false },
  ]);
});

test("a feature is there if any font has it", () => {
  const fonts = [family("One"), family("Two", ["tnum", ""])];
  expect(has(fonts, "tnum")).toBe(true);
  expect(has(fonts, "onum")).toBe(false);
});
