import { describe, expect, it } from "vitest";
import type { Paint, PictureSummary } from "../api/client";
import { kindsFor, otherKind, PAINTS, turnedRound } from "./kinds";

const FLAT: Paint = { kind: "flat", colour: "#12495a" };
const LINEAR: Paint = {
  kind: "linear",
  angle: 30,
  start: 0.1,
  end: 0.9,
  stops: [
    { position: 0, colour: "#ff0000" },
    { position: 0.3, colour: "#00ff00" },
    { position: 1, colour: "#0000ff80" },
  ],
};
const PICTURE = { name: "ropes.jpg", width: 320 } as PictureSummary;

describe("kinds of paint", () => {
  it("keep their colours when they change", () => {
    const linear = otherKind(FLAT, "linear", []);
    expect(linear).toMatchObject({
      stops: [{ colour: "#12495a" }, { colour: "#12495a00" }],
    });
    const pattern = otherKind(LINEAR, "pattern", []);
    expect(pattern).toMatchObject({ ink: "#ff0000", ground: "#0000ff80" });
    expect(otherKind(pattern, "radial", [])).toMatchObject({
      stops: [{ colour: "#ff0000" }, { colour: "#0000ff80" }],
    });
    expect(otherKind(pattern, "flat", [])).toEqual({ kind: "flat", colour: "#ff0000" });
    expect(otherKind(FLAT, "texture", [PICTURE])).toMatchObject({
      picture: "ropes.jpg",
      width: 320,
    });
    expect(otherKind(LINEAR, "linear", [])).toBe(LINEAR);
  });

  it("show pictures only where there are some, or one is shown already", () => {
    const kinds = (paint: Paint, pictures: number) =>
      kindsFor(paint, pictures).map(([kind]) => kind);
    expect(kinds(FLAT, 0)).toEqual(["flat", "linear", "radial", "conic", "pattern"]);
    expect(kinds(FLAT, 1)).toHaveLength(PAINTS.length);
    expect(kinds({ kind: "picture", picture: "gone.png", fit: "COVER" }, 0)).toHaveLength(
      PAINTS.length,
    );
  });

  it("turn round, and back again", () => {
    expect(turnedRound(LINEAR)).toEqual({
      ...LINEAR,
      stops: [
        { position: 0, colour: "#0000ff80" },
        { position: 0.7, colour: "#00ff00" },
        { position: 1, colour: "#ff0000" },
      ],
    });
    expect(turnedRound(turnedRound(LINEAR))).toEqual(LINEAR);
    expect(turnedRound(FLAT)).toBe(FLAT);
  });
});
