import { memo } from "react";
import type { Drawing, DrawnPiece, Piece } from "../api/client";
import { after, type Matrix, moved, STILL } from "../document/geometry";
import { movingWith } from "./hand";

interface Props {
  drawing: Drawing;
  stack: readonly Piece[];
  /** What the hand holds; while it holds nothing the pictures lie hidden, ready for it. */
  held: { ids: readonly string[]; matrix: Matrix } | null;
  zoom: number;
  unitX: number;
  unitY: number;
}

interface Part {
  piece: DrawnPiece;
  moves: boolean;
}

/**
 * The pictures to lay over each other, from front to back: a group as one unless something in it
 * moves by itself.
 */
function parts(
  stack: readonly Piece[],
  drawn: ReadonlyMap<string, DrawnPiece>,
  moving: ReadonlySet<string>,
): Part[] {
  return stack.flatMap((piece): Part[] => {
    const own = drawn.get(piece.id);
    if (!piece.shown || !own) return [];
    const moves = moving.has(piece.id);
    if (piece.kind === "group" && !moves) {
      const inside = parts(piece.stack, drawn, moving);
      if (inside.some((part) => part.moves)) return inside;
    }
    return [{ piece: own, moves }];
  });
}

/** Each piece as the core drew it, moved as the hand moves it. */
export function PiecePictures({ drawing, stack, held, zoom, unitX, unitY }: Props) {
  const drawn = new Map(drawing.pieces.map((piece) => [piece.id, piece]));
  const moving = held ? movingWith(drawing.pieces, held.ids) : new Set<string>();
  return (
    <div className="absolute inset-0" style={{ visibility: held ? "visible" : "hidden" }}>
      {parts(stack, drawn, moving)
        .toReversed()
        .map(({ piece, moves }) => (
          <PiecePicture
            key={piece.id}
            piece={piece}
            matrix={held && moves ? held.matrix : STILL}
            zoom={zoom}
            unitX={unitX}
            unitY={unitY}
          />
        ))}
    </div>
  );
}

interface OneProps {
  piece: DrawnPiece;
  matrix: Matrix;
  zoom: number;
  unitX: number;
  unitY: number;
}

const PiecePicture = memo(function PiecePicture(props: OneProps) {
  const { piece, matrix, zoom, unitX, unitY } = props;
  const { part } = piece;
  if (!part.picture) return null;
  const m = after(matrix, moved(part.left * unitX, part.top * unitY));
  return (
    <img
      src={part.picture}
      alt=""
      draggable={false}
      className="absolute left-0 top-0 max-w-none origin-top-left"
      style={{
        width: part.width * unitX * zoom,
        height: part.height * unitY * zoom,
        transform: `matrix(${m.a},${m.b},${m.c},${m.d},${m.e * zoom},${m.f * zoom})`,
      }}
    />
  );
});
