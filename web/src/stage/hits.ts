import type { Piece } from "../api/client";
import { findPiece, groupsAround } from "../document/tree";
import { type Point, within } from "../document/geometry";
import type { Seen } from "./seen";
import { drawnNear } from "./shapeUnder";

/** How far from a shape a press still means it, in CSS pixels. */
const REACH = 3;

/** Words are meant by a press between their letters too: a share of their size. */
const BETWEEN_LETTERS = 0.25;

/** Whether something that a piece draws lies under a point. */
function shows(piece: Piece, p: Point, seen: Seen): boolean {
  const part = seen.drawn.get(piece.id)?.part;
  if (!part?.picture) return false;
  const size = piece.kind === "text" ? Math.max(...piece.runs.map((run) => run.size)) : 0;
  const reach =
    Math.max(REACH / seen.zoom, BETWEEN_LETTERS * size) / Math.max(seen.unitX, seen.unitY);
  const x = p.x / seen.unitX - part.left;
  const y = p.y / seen.unitY - part.top;
  const near = x > -reach && y > -reach && x < part.width + reach && y < part.height + reach;
  return near && drawnNear(part.picture, { x, y }, reach);
}

/** The pieces of a stack whose shapes lie under a point, front to back; locked ones are passed. */
function among(stack: readonly Piece[], p: Point, seen: Seen): Piece[] {
  return stack.filter((piece) => piece.shown && !piece.locked && shows(piece, p, seen));
}

/**
 * What a press at a point can mean, the likeliest first: shapes of the group last entered, shapes of
 * the overlay, and where there is no shape the chosen piece whose box it lies in.
 */
export function hitsAt(p: Point, seen: Seen): Piece[] {
  const { overlay, selected } = seen;
  const [first] = selected;
  const entered = first === undefined ? [] : groupsAround(overlay.stack, first);
  const inside = entered.toReversed().flatMap((id) => {
    const group = findPiece(overlay, id);
    return group?.kind === "group" ? among(group.stack, p, seen) : [];
  });
  const hits = [...inside, ...among(overlay.stack, p, seen)];
  if (hits.length > 0) return hits;
  const chosen = selected
    .map((id) => findPiece(overlay, id))
    .find((piece) => piece && !piece.locked && within(seen.corners(piece.id) ?? [], p));
  return chosen ? [chosen] : [];
}

/** The foremost piece in a group whose shape, or else box, lies under a point. */
export function hitIn(stack: readonly Piece[], p: Point, seen: Seen): Piece | undefined {
  return (
    among(stack, p, seen)[0] ??
    stack.find((piece) => piece.shown && within(seen.corners(piece.id) ?? [], p))
  );
}
