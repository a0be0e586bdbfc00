import type { Frame, Piece, Place } from "../api/client";

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
export type Area = Place["area"];

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

const ACROSS: Record<PinPoint, number> = {
  TOP_LEFT: 0,
  LEFT: 0,
  BOTTOM_LEFT: 0,
  TOP: 0.5,
  CENTRE: 0.5,
  BOTTOM: 0.5,
  TOP_RIGHT: 1,
  RIGHT: 1,
  BOTTOM_RIGHT: 1,
};

const DOWN: Record<PinPoint, number> = {
  TOP_LEFT: 0,
  TOP: 0,
  TOP_RIGHT: 0,
  LEFT: 0.5,
  CENTRE: 0.5,
  RIGHT: 0.5,
  BOTTOM_LEFT: 1,
  BOTTOM: 1,
  BOTTOM_RIGHT: 1,
};

export function displayWidth(frame: Frame): number {
  const [across = 1, up = 1] = frame.pixelAspect.split("/").map(Number);
  return (frame.width * across) / up;
}

export function areaOf(frame: Frame, area: Area): Box {
  const width = displayWidth(frame);
  const height = frame.height;
  const { actionX, actionY, titleX, titleY } = frame.safeAreas;
  const inset: Record<Area, Point> = {
    FRAME: { x: 0, y: 0 },
    ACTION_SAFE: { x: actionX, y: actionY },
    TITLE_SAFE: { x: titleX, y: titleY },
  };
  const x = (width * inset[area].x) / 100;
  const y = (height * inset[area].y) / 100;
  return { x, y, width: width - 2 * x, height: height - 2 * y };
}

function hook(frame: Frame, place: Place): Point {
  const area = areaOf(frame, place.area);
  return {
    x: area.x + ACROSS[place.point] * area.width,
    y: area.y + DOWN[place.point] * area.height,
  };
}

/** The middle of a piece whose box has this size. */
export function centreOf(frame: Frame, place: Place, size: Size): Point {
  const from = hook(frame, place);
  return {
    x: from.x + place.right + (0.5 - ACROSS[place.point]) * size.width,
    y: from.y + place.down + (0.5 - DOWN[place.point]) * size.height,
  };
}

const tidy = (value: number) => Math.round(value * 1000) / 1000;

/** The same pin with the offset that brings the middle of the box to a point. */
export function placedAt(frame: Frame, place: Place, size: Size, centre: Point): Place {
  const now = centreOf(frame, { ...place, right: 0, down: 0 }, size);
  return { ...place, right: tidy(centre.x - now.x), down: tidy(centre.y - now.y) };
}

/** Another pin for a piece that stays where it is. */
export function pinnedTo(
  frame: Frame,
  place: Place,
  size: Size,
  pin: Partial<Pick<Place, "point" | "area">>,
): Place {
  return placedAt(frame, { ...place, ...pin }, size, centreOf(frame, place, size));
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
  return true;
}

/** A piece made larger or smaller; text follows the height, in its font size. */
export function resized(piece: Piece, size: Size, factor: number): Piece {
  if (piece.kind === "text") {
    const style = { ...piece.style, size: tidy(Math.max(1, piece.style.size * factor)) };
    return { ...piece, style };
  }
  return { ...piece, width: tidy(size.width), height: tidy(size.height) };
}
