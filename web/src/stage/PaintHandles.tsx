import type { PointerEvent } from "react";
import type { FilledPiece, Paint } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { type Corners, type Point, pointIn, sharesOf } from "../document/geometry";

interface Props {
  piece: FilledPiece;
  /** The piece's box in CSS pixels of the stage. */
  corners: Corners;
  /** Its size in units within it. */
  width: number;
  height: number;
  toStage: (event: PointerEvent) => Point;
}

/** A dot that is dragged; it follows the hand in CSS pixels of the stage. */
function Dot(props: {
  at: Point;
  label: string;
  fill: string;
  toStage: (event: PointerEvent) => Point;
  onMove: (p: Point) => void;
}) {
  const { at, label, fill, toStage, onMove } = props;
  return (
    <circle
      cx={at.x}
      cy={at.y}
      r={6}
      fill={fill}
      stroke="#fff"
      strokeWidth={2}
      className="cursor-move"
      data-testid={label}
      style={{ filter: "drop-shadow(0 0 1px #000)" }}
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={(event) => {
        if (event.currentTarget.hasPointerCapture(event.pointerId)) onMove(toStage(event));
      }}
    />
  );
}

const tidy = (value: number) => Math.round(value * 1000) / 1000;

/** Where a gradient begins and ends, to be dragged on the stage. */
export function PaintHandles({ piece, corners, width, height, toStage }: Props) {
  const { changePiece } = useOverlay.getState();
  const { paint } = piece;
  const repaint = (next: Paint) =>
    changePiece(
      piece.id,
      (same) => ("paint" in same ? { ...same, paint: next } : same),
      "Gradient",
      `${piece.id}:paint-handles`,
    );
  // Points in units within the box, to and from the stage.
  const onStage = (p: Point) => pointIn(corners, p.x / width, p.y / height);
  const inBox = (p: Point) => {
    const shares = sharesOf(corners, p);
    return { x: shares.x * width, y: shares.y * height };
  };
  const solid = (i: number) =>
    "stops" in paint ? (paint.stops.at(i)?.colour.slice(0, 7) ?? "#808080") : "#808080";
  if (paint.kind === "linear") {
    const ends = [lineEnd(paint, width, height, 0), lineEnd(paint, width, height, 1)] as const;
    const [from, to] = [onStage(ends[0]), onStage(ends[1])];
    const take = (which: 0 | 1) => (p: Point) => {
      const points = which === 0 ? ([inBox(p), ends[1]] as const) : ([ends[0], inBox(p)] as const);
      repaint(lineThrough(paint, points[0], points[1], width, height));
    };
    return (
      <g>
        <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} stroke="#fff" strokeOpacity={0.8} />
        <Dot at={from} label="paint-start" fill={solid(0)} toStage={toStage} onMove={take(0)} />
        <Dot at={to} label="paint-end" fill={solid(-1)} toStage={toStage} onMove={take(1)} />
      </g>
    );
  }
  if (paint.kind === "radial") {
    const middle = { x: paint.x * width, y: paint.y * height };
    const reach = paint.stretched
      ? paint.radius * Math.SQRT1_2 * width
      : (paint.radius * Math.hypot(width, height)) / 2;
    return (
      <g>
        <Dot
          at={onStage(middle)}
          label="paint-middle"
          fill={solid(0)}
          toStage={toStage}
          onMove={(p) => {
            const to = inBox(p);
            repaint({ ...paint, x: tidy(to.x / width), y: tidy(to.y / height) });
          }}
        />
        <Dot
          at={onStage({ x: middle.x + reach, y: middle.y })}
          label="paint-reach"
          fill={solid(-1)}
          toStage={toStage}
          onMove={(p) => {
            const to = inBox(p);
            const far = Math.hypot(to.x - middle.x, to.y - middle.y);
            const whole = paint.stretched ? Math.SQRT1_2 * width : Math.hypot(width, height) / 2;
            repaint({ ...paint, radius: Math.max(0.01, tidy(far / whole)) });
          }}
        />
      </g>
    );
  }
  if (paint.kind === "conic") {
    const middle = { x: paint.x * width, y: paint.y * height };
    const away = Math.min(width, height) / 2;
    const angle = (paint.angle * Math.PI) / 180;
    return (
      <g>
        <Dot
          at={onStage(middle)}
          label="paint-middle"
          fill="#808080"
          toStage={toStage}
          onMove={(p) => {
            const to = inBox(p);
            repaint({ ...paint, x: tidy(to.x / width), y: tidy(to.y / height) });
          }}
        />
        <Dot
          at={onStage({
            x: middle.x + away * Math.cos(angle),
            y: middle.y + away * Math.sin(angle),
          })}
          label="paint-angle"
          fill={solid(0)}
          toStage={toStage}
          onMove={(p) => {
            const to = inBox(p);
            const turn = (Math.atan2(to.y - middle.y, to.x - middle.x) * 180) / Math.PI;
            repaint({ ...paint, angle: Math.round(turn * 10) / 10 });
          }}
        />
      </g>
    );
  }
  return null;
}

type Linear = Extract<Paint, { kind: "linear" }>;

/** Where on the line through the box's middle a share of the way across it lies. */
function onLine(angle: number, share: number, width: number, height: number): Point {
  const turn = (angle * Math.PI) / 180;
  const across = Math.cos(turn);
  const down = Math.sin(turn);
  const length = Math.abs(across) * width + Math.abs(down) * height;
  return {
    x: width / 2 + across * (share - 0.5) * length,
    y: height / 2 + down * (share - 0.5) * length,
  };
}

function lineEnd(paint: Linear, width: number, height: number, which: 0 | 1): Point {
  return onLine(paint.angle, which === 0 ? paint.start : paint.end, width, height);
}

/** The gradient whose line runs from one point towards another, brought to the box's middle. */
function lineThrough(paint: Linear, from: Point, to: Point, width: number, height: number): Linear {
  const turn = Math.atan2(to.y - from.y, to.x - from.x);
  const across = Math.cos(turn);
  const down = Math.sin(turn);
  const length = Math.abs(across) * width + Math.abs(down) * height || 1;
  const share = (p: Point) =>
    ((p.x - width / 2) * across + (p.y - height / 2) * down) / length + 0.5;
  const limited = (value: number) => Math.min(10, Math.max(-10, tidy(value)));
  return {
    ...paint,
    angle: Math.round(((turn * 180) / Math.PI) * 10) / 10,
    start: limited(share(from)),
    end: limited(share(to)),
  };
}

/** The points of a free polygon, to be dragged on the stage. */
export function PolygonHandles({ piece, corners, toStage }: Omit<Props, "width" | "height">) {
  const { changePiece } = useOverlay.getState();
  if (piece.kind !== "plate" || piece.shape.kind !== "free") return null;
  const { points } = piece.shape;
  return points.map((point, i) => (
    <Dot
      key={i}
      at={pointIn(corners, point.x, point.y)}
      label={`point-${i + 1}`}
      fill="#f0a93f"
      toStage={toStage}
      onMove={(p) => {
        const to = sharesOf(corners, p);
        changePiece(
          piece.id,
          (same) =>
            same.kind === "plate" && same.shape.kind === "free"
              ? {
                  ...same,
                  shape: {
                    ...same.shape,
                    points: same.shape.points.map((old, j) =>
                      i === j ? { x: tidy(to.x), y: tidy(to.y) } : old,
                    ),
                  },
                }
              : same,
          "Move a point",
          `${piece.id}:point-${i}`,
        );
      }}
    />
  ));
}
