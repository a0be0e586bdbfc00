import type { Arrangement, Piece } from "../api/client";
import { snapBox, type SnapLine, snapPoint, type SnapTargets } from "../snapping/snap";
import {
  type Box,
  boundsOf,
  type Corners,
  mapped,
  type Matrix,
  middleOf,
  moved,
  type Point,
  pointIn,
  stretched,
  turned,
} from "../document/geometry";
import { keepsProportions } from "../document/pieceKinds";
import { type HandleName, HANDLES } from "./Handles";

/** Something taken by the hand, as it was when it was taken. */
export interface Grip {
  handle: HandleName | "move" | "turn";
  ids: string[];
  /** The only chosen piece; nothing if there are several. */
  piece: Piece | undefined;
  start: Point;
  /** The box with the handles. */
  corners: Corners;
  /** The box that is drawn to edges while moving. */
  box: Box;
  baselines: number[];
  targets: SnapTargets;
}

export interface Modifiers {
  shift: boolean;
  alt: boolean;
  /** How near something has to be to draw what is held to it; 0 for not at all. */
  reach: number;
}

/** Where a grip has brought its pieces: as pictures moved for now, and as what the core is told. */
export interface Dragged {
  matrix: Matrix;
  arrangement: Arrangement | null;
  did: string;
  lines: SnapLine[];
}

const LEAST = 0.02;

export function dragged(grip: Grip, p: Point, keys: Modifiers): Dragged {
  if (grip.handle === "move") return moving(grip, p, keys);
  if (grip.handle === "turn") return turning(grip, p, keys);
  return sizing(grip, grip.handle, p, keys);
}

function moving(grip: Grip, p: Point, keys: Modifiers): Dragged {
  let x = p.x - grip.start.x;
  let y = p.y - grip.start.y;
  // With Shift the pieces keep to the direction they move most in.
  if (keys.shift && Math.abs(x) < Math.abs(y)) x = 0;
  else if (keys.shift) y = 0;
  x = Math.round(x);
  y = Math.round(y);
  const box = { ...grip.box, x: grip.box.x + x, y: grip.box.y + y };
  const snapped =
    keys.reach > 0
      ? snapBox(
          box,
          grip.baselines.map((line) => line + y),
          grip.targets,
          keys.reach,
        )
      : { right: 0, down: 0, lines: [] };
  if (!keys.shift || x !== 0) x += snapped.right;
  if (!keys.shift || y !== 0) y += snapped.down;
  return {
    matrix: moved(x, y),
    arrangement: x === 0 && y === 0 ? null : { kind: "move", right: x, down: y },
    did: "Move",
    lines: snapped.lines,
  };
}

function turning(grip: Grip, p: Point, keys: Modifiers): Dragged {
  const centre = middleOf(grip.corners);
  const from = Math.atan2(grip.start.y - centre.y, grip.start.x - centre.x);
  const to = Math.atan2(p.y - centre.y, p.x - centre.x);
  let by = ((to - from) * 180) / Math.PI;
  const before = grip.piece?.place.turn ?? 0;
  by = keys.shift ? Math.round((before + by) / 15) * 15 - before : Math.round(by * 10) / 10;
  return {
    matrix: turned(by, centre),
    arrangement: by === 0 ? null : { kind: "turn", degrees: by, x: centre.x, y: centre.y },
    did: "Turn",
    lines: [],
  };
}

function sizing(grip: Grip, handle: HandleName, p: Point, keys: Modifiers): Dragged {
  const { corners, piece } = grip;
  const [a, b, , d] = corners;
  const towards = HANDLES[handle];
  const angle = Math.atan2(b.y - a.y, b.x - a.x);
  const width = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const height = Math.hypot(d.x - a.x, d.y - a.y) || 1;
  // A mirrored box runs the other way down.
  const side = Math.sign((b.x - a.x) * (d.y - a.y) - (b.y - a.y) * (d.x - a.x)) || 1;
  const level = Math.abs(Math.sin(2 * angle)) < 1e-6;
  const grabbed = pointIn(corners, (towards.x + 1) / 2, (towards.y + 1) / 2);
  let to = { x: grabbed.x + p.x - grip.start.x, y: grabbed.y + p.y - grip.start.y };
  let lines: SnapLine[] = [];
  if (level && keys.reach > 0) {
    const sideways = Math.abs(Math.sin(angle)) > 0.5;
    const across = sideways ? towards.y !== 0 : towards.x !== 0;
    const down = sideways ? towards.x !== 0 : towards.y !== 0;
    const snapped = snapPoint(to, { x: across, y: down }, grip.targets, keys.reach);
    to = { x: to.x + snapped.right, y: to.y + snapped.down };
    lines = snapped.lines;
  }
  const dx = to.x - grabbed.x;
  const dy = to.y - grabbed.y;
  const alongX = dx * Math.cos(angle) + dy * Math.sin(angle);
  const alongY = side * (-dx * Math.sin(angle) + dy * Math.cos(angle));
  const both = keys.alt ? 2 : 1;
  let sx = towards.x === 0 ? 1 : Math.max(LEAST, 1 + (both * alongX * towards.x) / width);
  let sy = towards.y === 0 ? 1 : Math.max(LEAST, 1 + (both * alongY * towards.y) / height);
  const corner = towards.x !== 0 && towards.y !== 0;
  if (corner && (keys.shift || keepsProportions(piece))) sx = sy = Math.max(sx, sy);
  const fixed = keys.alt
    ? middleOf(corners)
    : pointIn(corners, (1 - towards.x) / 2, (1 - towards.y) / 2);
  return {
    matrix: stretched(sx, sy, (angle * 180) / Math.PI, fixed),
    arrangement:
      sx === 1 && sy === 1 ? null : { kind: "size", across: sx, down: sy, x: fixed.x, y: fixed.y },
    did: "Size",
    lines,
  };
}

/** The box that is drawn to edges: around all that is held. */
export function boxAround(all: readonly Corners[]): Box {
  return boundsOf(all.flat());
}

export function movedCorners(corners: Corners, matrix: Matrix): Corners {
  return corners.map((p) => mapped(matrix, p)) as Corners;
}
