import { type PointerEvent, useEffect, useRef, useState } from "react";
import type { Stroke } from "../api/client";
import type { Point } from "./eye";
import type { Hand } from "./ways";

interface Props {
  hand: Hand;
  strokes: readonly Stroke[];
  /** Of the next stroke, in pixels of the picture. */
  width: number;
  /** Pixels of the screen for one of the picture. */
  scale: number;
  toPicture: (area: Point) => Point;
  toArea: (picture: Point) => Point;
  onStroke: (stroke: Stroke) => void;
  onPick: (picture: Point) => void;
  onMove: (right: number, down: number) => void;
  onZoom: (factor: number, area: Point) => void;
}

const tidy = (value: number) => Math.round(value * 10) / 10;

/** The marks of the hand over a picture, and the hand itself. */
export function StrokeLayer(props: Props) {
  const { hand, strokes, width, scale, toPicture, toArea, onStroke, onPick, onMove, onZoom } =
    props;
  const [drawing, setDrawing] = useState<Point[] | null>(null);
  const [at, setAt] = useState<Point | null>(null);
  const last = useRef<Point | null>(null);
  const surface = useRef<SVGSVGElement>(null);
  const zoom = useRef(onZoom);
  useEffect(() => {
    zoom.current = onZoom;
  });
  const inArea = (event: { clientX: number; clientY: number }): Point => {
    const box = surface.current?.getBoundingClientRect();
    return { x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) };
  };
  useEffect(() => {
    const element = surface.current;
    if (!element) return;
    const onWheel = (event: WheelEvent) => {
      event.preventDefault();
      const box = element.getBoundingClientRect();
      zoom.current(Math.exp(-event.deltaY / 400), {
        x: event.clientX - box.left,
        y: event.clientY - box.top,
      });
    };
    element.addEventListener("wheel", onWheel, { passive: false });
    return () => element.removeEventListener("wheel", onWheel);
  }, []);
  const onPointerDown = (event: PointerEvent) => {
    if (event.button !== 0) return;
    const point = inArea(event);
    event.currentTarget.setPointerCapture(event.pointerId);
    last.current = point;
    if (hand === "keep" || hand === "drop") setDrawing([toPicture(point)]);
    if (hand === "pick") onPick(toPicture(point));
  };
  const onPointerMove = (event: PointerEvent) => {
    const point = inArea(event);
    setAt(point);
    const from = last.current;
    if (!from) return;
    if (hand === "move") {
      onMove(point.x - from.x, point.y - from.y);
      last.current = point;
    } else if (drawing && Math.hypot(point.x - from.x, point.y - from.y) >= 2) {
      setDrawing([...drawing, toPicture(point)]);
      last.current = point;
    }
  };
  const onPointerUp = () => {
    last.current = null;
    if (!drawing) return;
    setDrawing(null);
    onStroke({
      keep: hand === "keep",
      width,
      points: drawing.slice(0, 4000).map((p) => ({ x: tidy(p.x), y: tidy(p.y) })),
    });
  };
  const marking = hand === "keep" || hand === "drop";
  return (
    <svg
      ref={surface}
      aria-hidden
      className="absolute inset-0 h-full w-full touch-none"
      style={{ cursor: hand === "move" ? "grab" : hand === "pick" ? "crosshair" : "none" }}
      onPointerDown={onPointerDown}
      onPointerMove={onPointerMove}
      onPointerUp={onPointerUp}
      onPointerLeave={() => setAt(null)}
    >
      {strokes.map((stroke, i) => (
        <Line
          key={i}
          keep={stroke.keep}
          width={stroke.width * scale}
          points={stroke.points.map(toArea)}
        />
      ))}
      {drawing && (
        <Line keep={hand === "keep"} width={width * scale} points={drawing.map(toArea)} />
      )}
      {marking && at && (
        <circle
          cx={at.x}
          cy={at.y}
          r={(width * scale) / 2}
          fill="none"
          stroke="#ffffff"
          style={{ mixBlendMode: "difference" }}
        />
      )}
    </svg>
  );
}

/** Kept is a light line with a dark rim, dropped a dark one with a light rim and a broken core. */
function Line({ keep, width, points }: { keep: boolean; width: number; points: Point[] }) {
  const [first] = points;
  if (!first) return null;
  const path =
    points.length === 1
      ? `M${first.x} ${first.y}h0.01`
      : `M${points.map((p) => `${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join("L")}`;
  const common = {
    d: path,
    fill: "none",
    strokeLinecap: "round",
    strokeLinejoin: "round",
  } as const;
  return (
    <g opacity={0.45}>
      <path {...common} stroke={keep ? "#1d1d1d" : "#f4f4f4"} strokeWidth={width + 2} />
      <path {...common} stroke={keep ? "#f4f4f4" : "#1d1d1d"} strokeWidth={width} />
      {!keep && (
        <path
          {...common}
          stroke="#f4f4f4"
          strokeWidth={Math.max(1, Math.min(3, width / 5))}
          strokeDasharray="2 7"
        />
      )}
    </g>
  );
}
