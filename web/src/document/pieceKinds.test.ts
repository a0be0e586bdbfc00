import { describe, expect, it } from "vitest";
import type { Overlay, Piece } from "../api/client";
import { newCode, newPicture, newPlate, newText } from "./newPieces";
import { about, handlesOf, keepsProportions, kindName, pieceWords } from "./pieceKinds";

const overlay = {
  frame: { width: 1920, height: 1080, videoHeight: 1080, pixelAspect: "1/1" },
  stack: [],
} as unknown as Overlay;
const text = newText(overlay, "Second\nLantern");
const plate = newPlate(overlay);
const code = { ...newCode(overlay), words: "https://lantern-reach.example/" };
const picture = newPicture(overlay, { name: "osier.svg", width: 30, height: 20 } as never);
const group = {
  kind: "group",
  name: "Bug",
  stack: [text, plate],
  copyOf: { kind: "nothing" },
} as unknown as Extract<Piece, { kind: "group" }>;

describe("a kind of piece", () => {
  it("has a name", () => {
    expect([text, plate, picture, code, group].map(kindName)).toEqual([
      "Text",
      "Plate",
      "Picture",
      "Code",
      "Group",
    ]);
  });

  it("is told on its card by what it says or holds", () => {
    expect(about(text)).toBe("Second / Lantern");
    expect(about(code)).toBe("https://lantern-reach.example/");
    expect(about(plate)).toBe("Plate");
    expect(about(picture)).toBe("Picture");
    expect(about(group)).toBe("2 pieces");
    expect(about({ ...group, stack: [text] })).toBe("1 piece");
    const of = { kind: "original", original: "Corner bug" } as unknown as typeof group.copyOf;
    expect(about({ ...group, copyOf: of })).toBe("copy of Corner bug, 2 pieces");
    expect(about({ ...text, runs: [] })).toBe("Text");
  });

  it("is called in lists by its name and its words, not twice", () => {
    expect(pieceWords(text)).toBe("Text: Second / Lantern");
    expect(pieceWords({ ...text, name: "Second" })).toBe("Second / Lantern");
    expect(pieceWords(plate)).toBe("Plate");
    expect(pieceWords(group)).toBe("Bug");
  });

  it("is sized by the handles that make sense for it", () => {
    const given = { ...text, box: { kind: "given" } as unknown as typeof text.box };
    const backing = { ...plate, backing: { ...plate.backing, pieces: ["text-1"] } };
    expect([text, given, plate, backing, picture, code, group].map(handlesOf)).toEqual([
      "corners",
      "all",
      "all",
      "none",
      "all",
      "corners",
      "corners",
    ]);
    expect(handlesOf({ ...plate, locked: true })).toBe("none");
    expect(handlesOf(undefined)).toBe("corners");
    expect([text, given, plate, picture, code, group].map(keepsProportions)).toEqual([
      true,
      false,
      false,
      true,
      true,
      true,
    ]);
    expect(keepsProportions(undefined)).toBe(true);
  });
});

describe("a new code", () => {
  it("has whole pixels for each of its 25 modules and the rim of 4 on both sides", () => {
    expect(newCode(overlay).side).toBe(33 * 8);
    const small = {
      ...overlay,
      frame: { ...overlay.frame, width: 320, height: 180, videoHeight: 180 },
    };
    expect(newCode(small).side).toBe(33);
  });
});
