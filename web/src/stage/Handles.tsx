import type { PointerEvent } from "react";
import { type Corners, pointIn } from "../document/geometry";

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
  corners: Corners;
  sizedBy: "all" | "corners" | "none";
  onTake: (event: PointerEvent, handle: HandleName | "turn") => void;
}

const TURN_AWAY = 26;

/** The box of what is chosen with the handles that size and turn it. */
export function Handles({ corners, sizedBy, onTake }: Props) {
  const top = pointIn(corners, 0.5, 0);
  const bottom = pointIn(corners, 0.5, 1);
  const length = Math.hypot(bottom.x - top.x, bottom.y - top.y) || 1;
  const turn = {
    x: top.x + ((top.x - bottom.x) / length) * TURN_AWAY,
    y: top.y + ((top.y - bottom.y) / length) * TURN_AWAY,
  };
  return (
    <g>
      <Outline corners={corners} />
      {sizedBy !== "none" && (
        <>
          <line x1={top.x} y1={top.y} x2={turn.x} y2={turn.y} stroke="#f0a93f" />
          <path
            d={`M${turn.x} ${turn.y - 6} l6 6 l-6 6 l-6 -6 z`}
            fill="#f0a93f"
            stroke="#111"
            className="cursor-grab"
            data-testid="turn-handle"
            onPointerDown={(event) => onTake(event, "turn")}
          />
        </>
      )}
      {sizedBy !== "none" &&
        (Object.keys(HANDLES) as HandleName[]).map((name) => {
          const { x, y } = HANDLES[name];
          if (sizedBy === "corners" && (x === 0 || y === 0)) return null;
          const p = pointIn(corners, (x + 1) / 2, (y + 1) / 2);
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

/** A box seen over any backdrop. */
export function Outline({ corners, thin = false }: { corners: Corners; thin?: boolean }) {
  const points = corners.map((p) => `${p.x},${p.y}`).join(" ");
  return (
    <>
      <polygon points={points} fill="none" stroke="#111" strokeOpacity={0.7} strokeWidth={3} />
      <polygon points={points} fill="none" stroke="#f0a93f" strokeWidth={thin ? 0.75 : 1.25} />
    </>
  );
}
