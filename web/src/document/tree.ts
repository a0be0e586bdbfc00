import type { Overlay, Piece } from "../api/client";

/** All pieces from front to back, a group before the pieces in it. */
export function allPieces(stack: readonly Piece[]): Piece[] {
  return stack.flatMap((piece) =>
    piece.kind === "group" ? [piece, ...allPieces(piece.stack)] : [piece],
  );
}

export function findPiece(overlay: Overlay | null, id: string | undefined): Piece | undefined {
  return overlay && id !== undefined
    ? allPieces(overlay.stack).find((piece) => piece.id === id)
    : undefined;
}

/** The stack with one piece exchanged, wherever it lies; the same stack if nothing changes. */
export function withPiece(stack: Piece[], id: string, next: (piece: Piece) => Piece): Piece[] {
  const result = stack.map((piece): Piece => {
    if (piece.id === id) return next(piece);
    if (piece.kind !== "group") return piece;
    const inside = withPiece(piece.stack, id, next);
    return inside === piece.stack ? piece : { ...piece, stack: inside };
  });
  return result.every((piece, i) => piece === stack[i]) ? stack : result;
}

/** The pieces beside one, itself among them: those of its group, or of the overlay. */
export function beside(stack: Piece[], id: string): Piece[] {
  if (stack.some((piece) => piece.id === id)) return stack;
  for (const piece of stack) {
    if (piece.kind === "group") {
      const found = beside(piece.stack, id);
      if (found.length > 0) return found;
    }
  }
  return [];
}

/** The groups around a piece, the outermost first. */
export function groupsAround(stack: readonly Piece[], id: string): string[] {
  for (const piece of stack) {
    if (piece.id === id) return [];
    if (piece.kind === "group" && allPieces(piece.stack).some((inner) => inner.id === id)) {
      return [piece.id, ...groupsAround(piece.stack, id)];
    }
  }
  return [];
}
