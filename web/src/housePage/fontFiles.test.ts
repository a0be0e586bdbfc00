import { expect, test } from "vitest";
import type { FontFile, House } from "../api/client";
import { inFile, withFontFile } from "./fontFiles";

const HOUSE: House = {
  name: "Saltlight",
  colours: [],
  fonts: [],
  fontFiles: [],
  marks: [],
  textures: [],
  ownMargin: { unit: "PERCENT", left: 0, top: 0, right: 0, bottom: 0 },
  finishSets: [],
  targets: [],
  originals: [],
};

const bold: FontFile = {
  file: "saltmarsh-bold.otf",
  content: "a",
  faces: [
    {
      index: 0,
      family: "Saltmarsh",
      kind: "SERIF",
      weights: [{ weight: 700, name: "Bold" }],
      axes: [],
    },
  ],
  embedding: "RESTRICTED",
  goesAlong: false,
};

test("a font says its weights and what else can be chosen", () => {
  const axis = (tag: string, name: string) => ({ tag, name, least: 1, standard: 1, most: 9 });
  expect(bold.faces.map(inFile)).toEqual(["Bold"]);
  expect(
    inFile({
      index: 0,
      family: "Saltmarsh",
      kind: "SERIF",
      weights: [
        { weight: 100, name: "Thin" },
        { weight: 400, name: "Regular" },
        { weight: 900, name: "Black" },
      ],
      axes: [axis("wght", "Weight"), axis("wdth", "Width")],
    }),
  ).toBe("3 weights, Thin to Black; width to be chosen");
});

test("a file takes the place of one of its name", () => {
  const one = withFontFile(HOUSE, bold);
  expect(one.fontFiles).toEqual([bold]);
  const two = withFontFile(one, { ...bold, content: "b" });
  expect(two.fontFiles.map(({ content }) => content)).toEqual(["b"]);
  expect(withFontFile(two, { ...bold, file: "other.otf" }).fontFiles).toHaveLength(2);
});
