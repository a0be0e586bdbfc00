import type { CutEdge, CutOut } from "../api/client";

export const KINDS = [
  ["none", "stays as it is"],
  ["colour", "goes by its colour"],
  ["brightness", "goes by its brightness"],
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
        edge,
      };
    case "brightness":
      return { kind, ground: "WHITE", low: 0.02, high: 0.98, curve: 1, edge };
  }
}
