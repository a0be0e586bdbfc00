import type { Overlay, Piece, TextPiece } from "../api/client";
import { freeId } from "./newPieces";
import { restyledWords, wordsOf } from "./runs";

/** The lines of a text that say something. */
export function linesOf(text: TextPiece): string[] {
  return wordsOf(text.runs)
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== "");
}

/**
 * Makes each line of a text a text of its own, set alike, below the one before. The first line stays
 * in the text itself, so that what hangs from it still does.
 */
export function splitLines(overlay: Overlay, id: string): Overlay {
  let ids = overlay;
  const split = (piece: TextPiece): TextPiece[] => {
    const size = Math.max(...piece.runs.map((run) => run.size));
    const step = Math.round(size * piece.setting.leading * 10) / 10;
    return linesOf(piece).map((line, i) => {
      const one: TextPiece = { ...piece, runs: restyledWords(piece.runs, line) };
      if (i === 0) return one;
      const copy: TextPiece = {
        ...one,
        id: freeId(ids, "text"),
        name: line.slice(0, 40),
        place: { ...piece.place, down: piece.place.down + i * step },
      };
      ids = { ...ids, stack: [copy, ...ids.stack] };
      return copy;
    });
  };
  const within = (stack: readonly Piece[]): Piece[] =>
    stack.flatMap((piece): Piece[] => {
      if (piece.kind === "group") return [{ ...piece, stack: within(piece.stack) }];
      return piece.kind === "text" && piece.id === id ? split(piece) : [piece];
    });
  return { ...overlay, stack: within(overlay.stack) };
}
