import type { Point } from "../document/geometry";

/** A thread from the piece's own point to the point it hangs from. In CSS pixels of the stage. */
export function Thread({ own, hook }: { own: Point; hook: Point }) {
  const line = { x1: own.x, y1: own.y, x2: hook.x, y2: hook.y };
  return (
    <g data-testid="thread">
      <line {...line} stroke="#111" strokeOpacity={0.55} strokeWidth={3} />
      <line {...line} stroke="#f0a93f" strokeWidth={1} strokeDasharray="1 3" />
      <circle cx={own.x} cy={own.y} r={2.5} fill="#f0a93f" stroke="#111" />
      <circle cx={hook.x} cy={hook.y} r={5} fill="none" stroke="#111" strokeWidth={3.5} />
      <circle cx={hook.x} cy={hook.y} r={5} fill="none" stroke="#f0a93f" strokeWidth={1.5} />
    </g>
  );
}
