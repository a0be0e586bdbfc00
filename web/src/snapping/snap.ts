import type { DrawnPiece, Frame } from "../api/client";
import {
  areaOf,
  AREAS,
  type Box,
  boundsOf,
  cornersOf,
  hasOwnMargin,
  pixelAspect,
  pointsOf,
} from "../document/geometry";

/** A line shown while something is drawn to it, in display units of the frame. */
export interface SnapLine {
  from: { x: number; y: number };
  to: { x: number; y: number };
  label: string;
}

/** A place along one direction that edges and middles are drawn to. */
interface Mark {
  at: number;
  /** Where along the other direction it stands. */
  start: number;
  end: number;
  name: string;
  /** Only baselines are drawn to baselines. */
  baseline?: boolean;
}

export interface SnapTargets {
  across: Mark[];
  down: Mark[];
  boxes: Box[];
  frame: Frame;
}

type Axis = "across" | "down";

/** What pieces can be drawn to, of the frame and of the pieces that stay. */
export function snapTargets(
  frame: Frame,
  pieces: readonly DrawnPiece[],
  staying: (piece: DrawnPiece) => boolean,
  unitX: number,
  unitY: number,
): SnapTargets {
  const targets: SnapTargets = { across: [], down: [], boxes: [], frame };
  for (const [area, name] of AREAS) {
    if (area === "OWN_MARGIN" && !hasOwnMargin(frame)) continue;
    addBox(targets, areaOf(frame, area), name);
  }
  for (const piece of pieces.filter(staying)) {
    const box = boundsOf(cornersOf(piece, unitX, unitY));
    addBox(targets, box, "");
    targets.boxes.push(box);
    const lines = pointsOf(piece.baselines, unitX, unitY);
    for (let i = 0; i + 1 < lines.length; i += 2) {
      const [from, to] = [lines[i], lines[i + 1]];
      if (from && to && Math.abs(from.y - to.y) < 0.01) {
        targets.down.push({
          at: from.y,
          start: from.x,
          end: to.x,
          name: "baseline",
          baseline: true,
        });
      }
    }
  }
  return targets;
}

function addBox(targets: SnapTargets, box: Box, name: string): void {
  for (const share of [0, 0.5, 1]) {
    targets.across.push({
      at: box.x + share * box.width,
      start: box.y,
      end: box.y + box.height,
      name,
    });
    targets.down.push({
      at: box.y + share * box.height,
      start: box.x,
      end: box.x + box.width,
      name,
    });
  }
}

export interface Snapped {
  right: number;
  down: number;
  lines: SnapLine[];
}

/** How far to move a box further so that it meets what is near. */
export function snapBox(
  box: Box,
  baselines: readonly number[],
  targets: SnapTargets,
  reach: number,
): Snapped {
  const across = best(
    [box.x, box.x + box.width / 2, box.x + box.width].map((at) => ({ at, baseline: false })),
    targets.across,
    reach,
  );
  const down = best(
    [
      ...[box.y, box.y + box.height / 2, box.y + box.height].map((at) => ({
        at,
        baseline: false,
      })),
      ...baselines.map((at) => ({ at, baseline: true })),
    ],
    targets.down,
    reach,
  );
  const gapAcross = across ? null : equalGap(box, targets.boxes, "across", reach);
  const gapDown = down ? null : equalGap(box, targets.boxes, "down", reach);
  const right = across?.way ?? gapAcross?.way ?? 0;
  const downBy = down?.way ?? gapDown?.way ?? 0;
  const there = { ...box, x: box.x + right, y: box.y + downBy };
  const lines: SnapLine[] = [];
  if (across) lines.push(markLine(across.mark, there, "across", targets.frame));
  if (down) lines.push(markLine(down.mark, there, "down", targets.frame));
  if (gapAcross) lines.push(...gapAcross.lines(there, targets.frame));
  if (gapDown) lines.push(...gapDown.lines(there, targets.frame));
  return { right, down: downBy, lines };
}

/** Where a single point goes, along the directions that it is free in. */
export function snapPoint(
  p: { x: number; y: number },
  free: { x: boolean; y: boolean },
  targets: SnapTargets,
  reach: number,
): Snapped {
  const across = free.x ? best([{ at: p.x, baseline: false }], targets.across, reach) : null;
  const down = free.y ? best([{ at: p.y, baseline: false }], targets.down, reach) : null;
  const there = { x: p.x + (across?.way ?? 0), y: p.y + (down?.way ?? 0), width: 0, height: 0 };
  return {
    right: across?.way ?? 0,
    down: down?.way ?? 0,
    lines: [
      ...(across ? [markLine(across.mark, there, "across", targets.frame)] : []),
      ...(down ? [markLine(down.mark, there, "down", targets.frame)] : []),
    ],
  };
}

function best(
  places: readonly { at: number; baseline: boolean }[],
  marks: readonly Mark[],
  reach: number,
): { way: number; mark: Mark } | null {
  let found: { way: number; mark: Mark } | null = null;
  for (const mark of marks) {
    for (const place of places) {
      if (place.baseline !== (mark.baseline ?? false)) continue;
      const way = mark.at - place.at;
      if (Math.abs(way) <= reach && (!found || Math.abs(way) < Math.abs(found.way))) {
        found = { way, mark };
      }
    }
  }
  return found;
}

const px = (units: number, axis: Axis, frame: Frame) =>
  `${Math.round((axis === "across" ? units / pixelAspect(frame) : units) * 10) / 10} px`;

function markLine(mark: Mark, box: Box, axis: Axis, frame: Frame): SnapLine {
  const start = axis === "across" ? box.y : box.x;
  const end = start + (axis === "across" ? box.height : box.width);
  const apart = Math.max(0, mark.start - end, start - mark.end);
  const other: Axis = axis === "across" ? "down" : "across";
  const distance = apart > 0.05 ? px(apart, other, frame) : "";
  const label = [mark.name, distance].filter(Boolean).join(" · ");
  const from = Math.min(mark.start, start);
  const to = Math.max(mark.end, end);
  return axis === "across"
    ? { from: { x: mark.at, y: from }, to: { x: mark.at, y: to }, label }
    : { from: { x: from, y: mark.at }, to: { x: to, y: mark.at }, label };
}

interface Gap {
  way: number;
  lines: (box: Box, frame: Frame) => SnapLine[];
}

/**
 * The nearest place where the gap to a neighbour is like the gap on the other side, or like the one
 * between that neighbour and the next.
 */
function equalGap(box: Box, others: readonly Box[], axis: Axis, reach: number): Gap | null {
  const start = (b: Box) => (axis === "across" ? b.x : b.y);
  const size = (b: Box) => (axis === "across" ? b.width : b.height);
  const beside = (b: Box) =>
    axis === "across"
      ? b.y < box.y + box.height && box.y < b.y + b.height
      : b.x < box.x + box.width && box.x < b.x + b.width;
  const row = others.filter(beside);
  const before = row
    .filter((b) => start(b) + size(b) <= start(box) + reach)
    .toSorted((a, b) => start(b) + size(b) - start(a) - size(a));
  const behind = row
    .filter((b) => start(b) >= start(box) + size(box) - reach)
    .toSorted((a, b) => start(a) - start(b));
  const [left, farLeft] = before;
  const [right, farRight] = behind;
  const wanted: { at: number; pairs: (there: Box) => [Box, Box][] }[] = [];
  if (left && right) {
    const room = start(right) - start(left) - size(left) - size(box);
    if (room > 0) {
      wanted.push({
        at: start(left) + size(left) + room / 2,
        pairs: (there) => [
          [left, there],
          [there, right],
        ],
      });
    }
  }
  if (left && farLeft) {
    const gap = start(left) - start(farLeft) - size(farLeft);
    if (gap > 0) {
      wanted.push({
        at: start(left) + size(left) + gap,
        pairs: (there) => [
          [farLeft, left],
          [left, there],
        ],
      });
    }
  }
  if (right && farRight) {
    const gap = start(farRight) - start(right) - size(right);
    if (gap > 0) {
      wanted.push({
        at: start(right) - gap - size(box),
        pairs: (there) => [
          [there, right],
          [right, farRight],
        ],
      });
    }
  }
  const near = wanted
    .map((one) => ({ ...one, way: one.at - start(box) }))
    .filter((one) => Math.abs(one.way) <= reach)
    .toSorted((a, b) => Math.abs(a.way) - Math.abs(b.way))[0];
  if (!near) return null;
  return {
    way: near.way,
    lines: (there, frame) =>
      near.pairs(there).map(([a, b]) => {
        const from = start(a) + size(a);
        const to = start(b);
        const across = axis === "across";
        const cross = across
          ? (Math.max(a.y, b.y) + Math.min(a.y + a.height, b.y + b.height)) / 2
          : (Math.max(a.x, b.x) + Math.min(a.x + a.width, b.x + b.width)) / 2;
        const label = px(to - from, axis, frame);
        return across
          ? { from: { x: from, y: cross }, to: { x: to, y: cross }, label }
          : { from: { x: cross, y: from }, to: { x: cross, y: to }, label };
      }),
  };
}
