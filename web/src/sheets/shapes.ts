import type { PlatePiece, PlateShape } from "../api/client";

/** Only a plate that is one keeps it: it is drawn elsewhere. */
export const DRAWN = ["drawn", "drawn outline"] as const;

export const SHAPES: readonly (readonly [PlateShape["kind"], string])[] = [
  ["rectangle", "rectangle"],
  ["rounded", "rounded rectangle"],
  ["ellipse", "ellipse"],
  ["rule", "rule"],
  ["polygon", "polygon"],
  ["star", "star"],
  ["triangle", "triangle"],
  ["chevron", "chevron"],
  ["slanted", "slanted bar"],
  ["wedge", "corner wedge"],
  ["free", "free polygon"],
];

/** A shape of another kind as it begins on a plate. */
export function shapeOf(kind: PlateShape["kind"], plate: PlatePiece): PlateShape {
  const short = Math.min(plate.width, plate.height);
  const radius = Math.round(short / 6);
  switch (kind) {
    case "rounded":
      return {
        kind,
        topLeft: radius,
        topRight: radius,
        bottomRight: radius,
        bottomLeft: radius,
      };
    case "rule":
      return { kind, round: false };
    case "polygon":
      return { kind, corners: 6, rounding: 0 };
    case "star":
      return { kind, points: 5, depth: 0.5, rounding: 0 };
    case "triangle":
      return { kind, apex: 0.5, rounding: 0 };
    case "chevron":
      return { kind, point: Math.round(short / 2), rounding: 0 };
    case "slanted":
      return { kind, left: Math.round(short / 3), right: Math.round(short / 3), rounding: 0 };
    case "wedge":
      return { kind, corner: "TOP_LEFT", rounding: 0 };
    case "free":
      return {
        kind,
        points: [
          { x: 0, y: 0 },
          { x: 1, y: 0 },
          { x: 0.9, y: 1 },
          { x: 0, y: 1 },
        ],
        rounding: 0,
      };
    case "drawn":
      return { kind, path: "M0 0L1 0L1 1L0 1Z", evenOdd: false };
    case "rectangle":
    case "ellipse":
      return { kind };
  }
}
