import type { DrawnPiece, Frame } from "../api/client";
import { displayWidth } from "./geometry";

interface Props {
  frame: Frame;
  drawing: { width: number; height: number };
  piece: DrawnPiece;
}

/** How far the chosen piece's box lies from the frame's edges, in stored pixels. */
export function ReadOut({ frame, drawing, piece }: Props) {
  const xs = piece.corners
    .filter((_, i) => i % 2 === 0)
    .map((x) => (x * frame.width) / drawing.width);
  const ys = piece.corners
    .filter((_, i) => i % 2 === 1)
    .map((y) => (y * frame.height) / drawing.height);
  const round = (value: number) => Math.round(value * 10) / 10;
  const stretch = displayWidth(frame) / frame.width;
  const values = [
    ["left", Math.min(...xs)],
    ["top", Math.min(...ys)],
    ["right", frame.width - Math.max(...xs)],
    ["bottom", frame.height - Math.max(...ys)],
  ] as const;
  return (
    <dl className="flex items-center gap-3" aria-label="Distance to the frame's edges in pixels">
      {values.map(([name, value]) => (
        <div key={name} className="flex gap-1">
          <dt className="opacity-70">{name}</dt>
          <dd>{round(value)}</dd>
        </div>
      ))}
      <div className="flex gap-1">
        <dt className="opacity-70">box</dt>
        <dd>
          {round(piece.boxWidth / stretch)} × {round(piece.boxHeight)} px
        </dd>
      </div>
    </dl>
  );
}
