import { create } from "zustand";
import type { DrawnPiece } from "../api/client";
import type { SnapLine } from "../snapping/snap";
import type { Box, Matrix } from "../document/geometry";

/** What the hand is doing to pieces, shown at once by moving the pictures that the core drew. */
export interface Held {
  ids: string[];
  matrix: Matrix;
  /**
   * "held" while it is; "waiting" until the core has arranged what came of it; "let-go" until that
   * has been drawn.
   */
  state: "held" | "waiting" | "let-go";
}

interface Hand {
  held: Held | null;
  lines: SnapLine[];
  /** The rectangle drawn around pieces to choose them. */
  band: Box | null;
  /** Whether pieces are drawn to edges and gaps nearby. */
  snapping: boolean;
  /** The piece that was chosen though another lies over it; the hand takes hold of it all the same. */
  dug: string;
}

export const useHand = create<Hand>()(() => ({
  held: null,
  lines: [],
  band: null,
  snapping: true,
  dug: "",
}));

/** The pieces that move when some do: what hangs from them, backs them or lies in them too. */
export function movingWith(pieces: readonly DrawnPiece[], ids: readonly string[]): Set<string> {
  const moving = new Set(movers(pieces, ids));
  let grown = true;
  while (grown) {
    grown = false;
    for (const piece of pieces) {
      if (moving.has(piece.id)) continue;
      const follows =
        moving.has(piece.group) ||
        (piece.leansOn.length > 0 && piece.leansOn.every((other) => moving.has(other)));
      if (follows) {
        moving.add(piece.id);
        grown = true;
      }
    }
  }
  return moving;
}

/** A plate that backs is moved by what it backs. */
function movers(pieces: readonly DrawnPiece[], ids: readonly string[]): string[] {
  return ids.flatMap((id) => {
    const piece = pieces.find((other) => other.id === id);
    return piece && piece.backs ? movers(pieces, piece.leansOn) : [id];
  });
}
