import type { PointerEvent } from "react";
import type { Point } from "./geometry";

/** Each handle by the direction from the box's middle in which it lies. */
export const HANDLES = {
  topLeft: { x: -1, y: -1 },
  top: { x: 0, y: -1 },
  topRight: { x: 1, y: -1 },
  right: { x: 1, y: 0 },
  bottomRight: { x: 1, y: 1 },
  bottom: { x: 0, y: 1 },
  bottomLeft: { x: -1, y: 1 },
  left: { x: -1, y: 0 },
} as const;

export type HandleName = keyof typeof HANDLES;

interface Props {
  /** In CSS pixels of the stage, clockwise from top left. */
  corners: Point[];
  /** A text has only corners to be sized by. */
  text: boolean;
  onTake: (event: PointerEvent, handle: HandleName | "turn") => void;
}

const TURN_AWAY = 26;

/** The box of the chosen piece with the handles that size and turn it. */
export function Handles({ corners, text, onTake }: Props) {
  const [a, b, c, d] = corners;
  if (!a || !b || !c || !d) return null;
  const middle = { x: (a.x + c.x) / 2, y: (a.y + c.y) / 2 };
  const half = { x: (b.x - a.x) / 2, y: (b.y - a.y) / 2 };
  const rise = { x: (d.x - a.x) / 2, y: (d.y - a.y) / 2 };
  const at = (x: number, y: number) => ({
    x: middle.x + x * half.x + y * rise.x,
    y: middle.y + x * half.y + y * rise.y,
  });
  const top = at(0, -1);
  const length = Math.hypot(rise.x, rise.y) || 1;
  const turn = {
    x: top.x - (rise.x / length) * TURN_AWAY,
    y: top.y - (rise.y / length) * TURN_AWAY,
  };
  return (
    <g>
      <polygon
        points={corners.map((p) => `${p.x},${p.y}`).join(" ")}
        fill="none"
        stroke="#111"
        strokeOpacity={0.7}
        strokeWidth={3}
      />
      <polygon
        points={corners.map((p) => `${p.x},${p.y}`).join(" ")}
        fill="none"
        stroke="#f0a93f"
        strokeWidth={1.25}
      />
      <line x1={top.x} y1={top.y} x2={turn.x} y2={turn.y} stroke="#f0a93f" />
      <path
        d={`M${turn.x} ${turn.y - 6} l6 6 l-6 6 l-6 -6 z`}
        fill="#f0a93f"
        stroke="#111"
        className="cursor-grab"
        data-testid="turn-handle"
        onPointerDown={(event) => onTake(event, "turn")}
      />
      {(Object.keys(HANDLES) as HandleName[]).map((name) => {
        const { x, y } = HANDLES[name];
        if (text && (x === 0 || y === 0)) return null;
        const p = at(x, y);
        return (
          <rect
            key={name}
            x={p.x - 4.5}
            y={p.y - 4.5}
            width={9}
            height={9}
            rx={2}
            fill="#f0a93f"
            stroke="#111"
            style={{ cursor: x === 0 ? "ns-resize" : y === 0 ? "ew-resize" : "move" }}
            data-testid={`handle-${name}`}
            onPointerDown={(event) => onTake(event, name)}
          />
        );
      })}
    </g>
  );
}
