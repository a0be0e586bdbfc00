import type { SnapLine } from "../snapping/snap";

/** What the held pieces are drawn to, with how far away it is. */
export function SnapLines({ lines, zoom }: { lines: readonly SnapLine[]; zoom: number }) {
  return lines.map(({ from, to, label }, i) => {
    const x = ((from.x + to.x) / 2) * zoom;
    const y = ((from.y + to.y) / 2) * zoom;
    const line = { x1: from.x * zoom, y1: from.y * zoom, x2: to.x * zoom, y2: to.y * zoom };
    return (
      <g key={i} data-testid="snap-line">
        <line {...line} stroke="#111" strokeOpacity={0.6} strokeWidth={3} />
        <line {...line} stroke="#8fe3c8" strokeWidth={1} />
        {label && (
          <text
            x={x + 5}
            y={y - 5}
            fontSize={11}
            fontWeight={600}
            fill="#8fe3c8"
            stroke="#111"
            strokeWidth={3}
            paintOrder="stroke"
          >
            {label}
          </text>
        )}
      </g>
    );
  });
}
