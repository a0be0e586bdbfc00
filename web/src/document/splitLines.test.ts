import { describe, expect, it } from "vitest";
import type { Overlay, TextPiece } from "../api/client";
import { newText } from "./newPieces";
import { wordsOf } from "./runs";
import { linesOf, splitLines } from "./splitLines";

const frame = { width: 1920, height: 1080, pixelAspect: "1/1", videoHeight: 1080 };
const empty = { frame, stack: [] } as unknown as Overlay;
const text = newText(empty, "Osier Point\n\n Greywick \nTern Holm");
const overlay = { ...empty, stack: [text] };

describe("lines that become texts", () => {
  it("are those that say something", () => {
    expect(linesOf(text)).toEqual(["Osier Point", "Greywick", "Tern Holm"]);
  });

  it("follow each other downwards, with ids of their own", () => {
    const stack = splitLines(overlay, text.id).stack as TextPiece[];
    expect(stack.map((piece) => wordsOf(piece.runs))).toEqual(linesOf(text));
    expect(new Set(stack.map((piece) => piece.id)).size).toBe(3);
    expect(stack[0]?.id).toBe(text.id);
    expect(stack.map((piece) => piece.place.down)).toEqual([0, 82.8, 165.6]);
  });

  it("leave other pieces as they are", () => {
    expect(splitLines(overlay, "another").stack).toEqual([text]);
  });
});
