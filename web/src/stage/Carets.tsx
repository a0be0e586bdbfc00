import { wordsOf } from "../document/runs";
import type { DrawnPiece, TextPiece } from "../api/client";
import { useEditing } from "./editing";
import { type Point, pointsOf } from "../document/geometry";

interface Caret {
  top: Point;
  foot: Point;
}

export function caretsOf(piece: DrawnPiece, unitX: number, unitY: number): Caret[] {
  const points = pointsOf(piece.carets, unitX, unitY);
  const carets: Caret[] = [];
  for (let i = 0; i + 1 < points.length; i += 2) {
    const [top, foot] = [points[i], points[i + 1]];
    if (top && foot) carets.push({ top, foot });
  }
  return carets;
}

/** The place in the words that a point is nearest to. */
export function placeAt(carets: readonly Caret[], p: Point): number {
  let best = 0;
  let nearest = Infinity;
  carets.forEach(({ top, foot }, i) => {
    const dx = foot.x - top.x;
    const dy = foot.y - top.y;
    const along = ((p.x - top.x) * dx + (p.y - top.y) * dy) / (dx * dx + dy * dy || 1);
    const t = Math.min(1, Math.max(0, along));
    // A line's height counts more than the way along it, so that the line under the hand is taken.
    const off = Math.abs(along - t) * Math.hypot(dx, dy) * 4;
    const distance = off + Math.hypot(p.x - top.x - t * dx, p.y - top.y - t * dy);
    if (distance < nearest) {
      nearest = distance;
      best = i;
    }
  });
  return best;
}

interface Props {
  text: TextPiece;
  drawn: DrawnPiece;
  zoom: number;
  unitX: number;
  unitY: number;
}

/** The caret, or the chosen stretch, of the text whose words are being typed. */
export function Carets({ text, drawn, zoom, unitX, unitY }: Props) {
  const { id, start, end } = useEditing();
  const carets = caretsOf(drawn, unitX, unitY);
  if (id !== text.id || carets.length === 0) return null;
  const words = wordsOf(text.runs);
  const at = (p: Point) => `${p.x * zoom},${p.y * zoom}`;
  const caret = carets[Math.min(end, carets.length - 1)];
  return (
    <g data-testid="carets" pointerEvents="none">
      {start < end &&
        Array.from({ length: end - start }, (_, i) => start + i).map((i) => {
          const [from, to] = [carets[i], carets[i + 1]];
          if (!from || !to || words[i] === "\n") return null;
          const height = Math.hypot(from.foot.x - from.top.x, from.foot.y - from.top.y);
          const down =
            ((to.foot.x - from.foot.x) * (from.foot.x - from.top.x) +
              (to.foot.y - from.foot.y) * (from.foot.y - from.top.y)) /
            (height || 1);
          if (Math.abs(down) > height / 2) return null;
          return (
            <polygon
              key={i}
              points={`${at(from.top)} ${at(to.top)} ${at(to.foot)} ${at(from.foot)}`}
              fill="#f0a93f"
              fillOpacity={0.4}
            />
          );
        })}
      {start === end && caret && (
        <g className="caret">
          <path d={`M${at(caret.top)} L${at(caret.foot)}`} stroke="#111" strokeWidth={4} />
          <path d={`M${at(caret.top)} L${at(caret.foot)}`} stroke="#f0a93f" strokeWidth={2} />
        </g>
      )}
    </g>
  );
}
