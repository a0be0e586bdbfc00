import type { DrawnPiece, Frame, Place } from "../api/client";

/** All lengths here are display units: square, the frame's height in lines. */
export interface Point {
  x: number;
  y: number;
}

export interface Size {
  width: number;
  height: number;
}

export interface Box extends Point, Size {}

export type PinPoint = Place["point"];
export type Area = "FRAME" | "ACTION_SAFE" | "TITLE_SAFE" | "OWN_MARGIN";

export const PIN_POINTS: readonly (readonly [PinPoint, string])[] = [
  ["TOP_LEFT", "top left"],
  ["TOP", "top"],
  ["TOP_RIGHT", "top right"],
  ["LEFT", "left"],
  ["CENTRE", "centre"],
  ["RIGHT", "right"],
  ["BOTTOM_LEFT", "bottom left"],
  ["BOTTOM", "bottom"],
  ["BOTTOM_RIGHT", "bottom right"],
];

export const AREAS: readonly (readonly [Area, string])[] = [
  ["FRAME", "the frame"],
  ["TITLE_SAFE", "title-safe"],
  ["ACTION_SAFE", "action-safe"],
  ["OWN_MARGIN", "the own margin"],
];

export function pixelAspect(frame: Frame): number {
  const [across = 1, up = 1] = frame.pixelAspect.split("/").map(Number);
  return across / up;
}

export function displayWidth(frame: Frame): number {
  return frame.width * pixelAspect(frame);
}

/** The shorter side of the video's picture, which lengths follow from frame to frame. */
export function shortSide(frame: Frame): number {
  return Math.min(displayWidth(frame), frame.videoHeight);
}

/** Whether only a part of the frame is seen at a time. */
export function scrolled(frame: Frame): boolean {
  return frame.videoHeight < frame.height;
}

/** "1920 × 1080"; of a card that is scrolled the video too. */
export function sizeInWords(frame: Frame): string {
  const size = `${frame.width} × ${frame.height}`;
  return scrolled(frame) ? `${size} for a video of ${frame.videoHeight} lines` : size;
}

export function sameFrame(a: Frame, b: Frame): boolean {
  return (
    a.width === b.width &&
    a.height === b.height &&
    a.pixelAspect === b.pixelAspect &&
    a.scan === b.scan &&
    a.videoHeight === b.videoHeight
  );
}

/** Another size; what is seen whole stays so. */
export function withSize(frame: Frame, size: { width?: number; height?: number }): Frame {
  const other = { ...frame, ...size };
  return {
    ...other,
    videoHeight: scrolled(frame) ? Math.min(frame.videoHeight, other.height) : other.height,
  };
}

/** One of the frame's rectangles, as the core has it. */
export function areaOf(frame: Frame, area: Area): Box {
  const width = displayWidth(frame);
  const height = frame.height;
  const { actionX, actionY, titleX, titleY } = frame.safeAreas;
  const { unit, left, top, right, bottom } = frame.ownMargin;
  const across = unit === "PERCENT" ? width / 100 : 1;
  const down = unit === "PERCENT" ? height / 100 : 1;
  const sides: Record<Area, [number, number, number, number]> = {
    FRAME: [0, 0, 0, 0],
    ACTION_SAFE: [actionX, actionY, actionX, actionY],
    TITLE_SAFE: [titleX, titleY, titleX, titleY],
    OWN_MARGIN: [left * across, top * down, right * across, bottom * down],
  };
  const own = area === "OWN_MARGIN";
  const [l, t, r, b] = sides[area].map((side, i) =>
    own ? side : (side * (i % 2 === 0 ? width : frame.videoHeight)) / 100,
  ) as [number, number, number, number];
  return { x: l, y: t, width: Math.max(0, width - l - r), height: Math.max(0, height - t - b) };
}

export function hasOwnMargin(frame: Frame): boolean {
  const { left, top, right, bottom } = frame.ownMargin;
  return left + top + right + bottom > 0;
}

/** An affine map: x' = a x + c y + e, y' = b x + d y + f. */
export interface Matrix {
  a: number;
  b: number;
  c: number;
  d: number;
  e: number;
  f: number;
}

export const STILL: Matrix = { a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 };

/** First n, then m. */
export function after(m: Matrix, n: Matrix): Matrix {
  return {
    a: m.a * n.a + m.c * n.b,
    b: m.b * n.a + m.d * n.b,
    c: m.a * n.c + m.c * n.d,
    d: m.b * n.c + m.d * n.d,
    e: m.a * n.e + m.c * n.f + m.e,
    f: m.b * n.e + m.d * n.f + m.f,
  };
}

export const moved = (x: number, y: number): Matrix => ({ ...STILL, e: x, f: y });

export function turned(degrees: number, about: Point): Matrix {
  const angle = (degrees * Math.PI) / 180;
  const turn = {
    ...STILL,
    a: Math.cos(angle),
    b: Math.sin(angle),
    c: -Math.sin(angle),
    d: Math.cos(angle),
  };
  return after(moved(about.x, about.y), after(turn, moved(-about.x, -about.y)));
}

/** Stretched along the axes of a box that is turned by an angle, about a point that stays. */
export function stretched(x: number, y: number, degrees: number, about: Point): Matrix {
  const scale = { ...STILL, a: x, d: y };
  const origin = { x: 0, y: 0 };
  const inBox = after(turned(degrees, origin), after(scale, turned(-degrees, origin)));
  return after(moved(about.x, about.y), after(inBox, moved(-about.x, -about.y)));
}

export function mapped(m: Matrix, p: Point): Point {
  return { x: m.a * p.x + m.c * p.y + m.e, y: m.b * p.x + m.d * p.y + m.f };
}

/** Four corners, clockwise from the top left one as the box lies before it is turned. */
export type Corners = [Point, Point, Point, Point];

/** Pairs of numbers as points, from pixels of a drawing to display units. */
export function pointsOf(values: readonly number[], unitX: number, unitY: number): Point[] {
  const points: Point[] = [];
  for (let i = 0; i + 1 < values.length; i += 2) {
    points.push({ x: (values[i] ?? 0) * unitX, y: (values[i + 1] ?? 0) * unitY });
  }
  return points;
}

export function cornersOf(piece: DrawnPiece, unitX: number, unitY: number): Corners {
  return pointsOf(piece.corners, unitX, unitY) as Corners;
}

export function boundsOf(points: readonly Point[]): Box {
  const xs = points.map((p) => p.x);
  const ys = points.map((p) => p.y);
  const x = Math.min(...xs);
  const y = Math.min(...ys);
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}

export function cornersOfBox({ x, y, width, height }: Box): Corners {
  return [
    { x, y },
    { x: x + width, y },
    { x: x + width, y: y + height },
    { x, y: y + height },
  ];
}

export function middleOf([a, , c]: Corners): Point {
  return { x: (a.x + c.x) / 2, y: (a.y + c.y) / 2 };
}

/** The point of a box at shares of its width and height. */
export function pointIn([a, b, , d]: Corners, x: number, y: number): Point {
  return {
    x: a.x + x * (b.x - a.x) + y * (d.x - a.x),
    y: a.y + x * (b.y - a.y) + y * (d.y - a.y),
  };
}

/** The shares of a box's width and height at which a point lies. */
export function sharesOf([a, b, , d]: Corners, p: Point): Point {
  const ux = b.x - a.x;
  const uy = b.y - a.y;
  const vx = d.x - a.x;
  const vy = d.y - a.y;
  const whole = ux * vy - uy * vx || 1;
  const px = p.x - a.x;
  const py = p.y - a.y;
  return { x: (px * vy - py * vx) / whole, y: (ux * py - uy * px) / whole };
}

/** Whether a point lies in the quadrangle of four corners. */
export function within(corners: readonly Point[], p: Point): boolean {
  let sign = 0;
  for (let i = 0; i < corners.length; i++) {
    const from = corners[i];
    const to = corners[(i + 1) % corners.length];
    if (!from || !to) return false;
    const cross = (to.x - from.x) * (p.y - from.y) - (to.y - from.y) * (p.x - from.x);
    if (cross !== 0) {
      if (sign !== 0 && Math.sign(cross) !== sign) return false;
      sign = Math.sign(cross);
    }
  }
  return corners.length > 2;
}

export function overlapping(a: Box, b: Box): boolean {
  return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;
}
