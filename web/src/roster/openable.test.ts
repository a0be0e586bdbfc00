import { describe, expect, it } from "vitest";
import type { Piece } from "../api/client";
import { openables, propertyOf } from "./openable";

const LOOK = { faceOpacity: 1, overallOpacity: 1, finishes: [], follows: "", punch: "NONE" };

function plate(paint: unknown, finishes: unknown[] = []): Piece {
  return { kind: "plate", paint, look: { ...LOOK, finishes }, slots: [] } as unknown as Piece;
}

describe("what can be left open", () => {
  it("is each stop of a gradient and each finish that has a colour", () => {
    const gradient = plate({ kind: "linear", stops: [{}, {}] }, [
      { kind: "halo" },
      { kind: "soften" },
    ]);
    const properties = openables(gradient).map((one) => propertyOf(one.slot("club")));
    expect(properties).toEqual([
      "colour STOP 0",
      "colour STOP 1",
      "colour FINISH 0",
      "finishes",
      "shown",
      "shown",
    ]);
  });
  it("is the picture of a paint, and no colour of it", () => {
    const pictured = openables(plate({ kind: "picture", picture: "a.svg" }));
    expect(pictured[0]?.slot("pennant")).toEqual({ kind: "picture", column: "pennant" });
    expect(pictured.map((one) => propertyOf(one.slot("x")))).not.toContain("colour PAINT 0");
  });
});
