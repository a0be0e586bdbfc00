import type { CutEdge, CutOut, PictureSummary, Tint } from "../api/client";

export const KINDS = [
  ["none", "stays as it is"],
  ["colour", "goes by its colour"],
  ["brightness", "goes by its brightness"],
  ["marks", "goes by marks of the hand"],
] as const;

const AS_FOUND: CutEdge = { grow: 0, soften: 0, pinholes: 0, specks: 0 };

/** A cut-out of a kind to begin with; what was done to the edge before is kept. */
export function cutOutOf(kind: CutOut["kind"], before: CutOut): CutOut {
  const edge = before.kind === "none" ? AS_FOUND : before.edge;
  switch (kind) {
    case "none":
      return { kind };
    case "colour":
      return {
        kind,
        ground: { kind: "border" },
        tolerance: 0.06,
        softness: 2,
        reach: "FROM_BORDER",
        softParts: "SOLID",
        edge,
      };
    case "brightness":
      return { kind, ground: { kind: "border" }, low: 0.02, high: 0.98, curve: 1, edge };
    case "marks":
      return { kind, strokes: [], softness: 2, edge };
  }
}

/** What was found, with what the hand has done to the edge before. */
export function proposed(found: CutOut, before: CutOut): CutOut {
  if (found.kind === "none" || before.kind === "none") return found;
  const { grow, soften, pinholes, specks } = before.edge;
  const touched = grow !== 0 || soften !== 0 || pinholes !== 0 || specks !== 0;
  return touched ? { ...found, edge: before.edge } : found;
}

export const TINTS = [
  ["own", "its own colours"],
  ["one", "one colour:"],
  ["gradient", "a gradient"],
  ["adjusted", "its colours, adjusted"],
  ["replaced", "its colours, some replaced"],
] as const;

/** A tint of a kind to begin with. */
export function tintOf(kind: Tint["kind"], picture: PictureSummary | undefined): Tint {
  switch (kind) {
    case "own":
      return { kind };
    case "one":
      return { kind, colour: "#ffffff" };
    case "gradient":
      return {
        kind,
        angle: 90,
        stops: [
          { position: 0, colour: "#fdf8ec" },
          { position: 1, colour: "#f0a93f" },
        ],
      };
    case "adjusted":
      return {
        kind,
        low: 0,
        high: 1,
        middle: 1,
        inverted: false,
        hue: 0,
        saturation: 1,
        lightness: 0,
      };
    case "replaced": {
      const own = picture?.facts.colours ?? [];
      const from = own.length > 0 ? own.slice(0, 8) : ["#ffffff"];
      return { kind, colours: from.map((colour) => ({ from: colour, to: colour })) };
    }
  }
}
