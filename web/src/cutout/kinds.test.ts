import { describe, expect, it } from "vitest";
import type { CutOut } from "../api/client";
import { cutOutOf, proposed } from "./kinds";

const FOUND: CutOut = {
  kind: "colour",
  ground: { kind: "border" },
  tolerance: 0.1,
  softness: 3,
  reach: "EVERYWHERE",
  softParts: "THIN",
  edge: { grow: 0, soften: 0, pinholes: 0, specks: 12 },
};

describe("a cut-out that is proposed", () => {
  it("is taken as it was found where the edge is as it came", () => {
    expect(proposed(FOUND, cutOutOf("colour", { kind: "none" }))).toEqual(FOUND);
  });

  it("keeps what the hand has done to the edge", () => {
    const before = cutOutOf("brightness", { kind: "none" });
    if (before.kind === "none") throw new Error("It has an edge.");
    const edge = { ...before.edge, grow: -1 };
    const next = cutOutOf("colour", { ...before, edge });
    expect(proposed(FOUND, next)).toEqual({ ...FOUND, edge });
  });
});
