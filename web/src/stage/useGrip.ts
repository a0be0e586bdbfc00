import { type PointerEvent, useRef } from "react";
import { arrange } from "../document/arrange";
import { cornersOfBox, type Point, pointsOf } from "../document/geometry";
import { allPieces, findPiece } from "../document/tree";
import { snapTargets } from "../snapping/snap";
import { boxAround, dragged, type Grip } from "./grip";
import { movingWith, useHand } from "./hand";
import { chosenCorners, type Seen } from "./seen";

/** In CSS pixels; less is a trembling hand. */
export const MOVE_STARTS_AT = 3;

const SNAP_REACH = 6;

/** Takes pieces by the hand: moves, sizes or turns them as it goes, and has the core do it at the end. */
export function useGrip(seen: Seen) {
  const grip = useRef<Grip | null>(null);
  const held = useHand((state) => state.held);

  /** Whether there was something to take. */
  const take = (handle: Grip["handle"], ids: readonly string[], at: Point) => {
    const { drawing, overlay, unitX, unitY } = seen;
    if (!drawing || !seen.current) return false;
    const boxes = chosenCorners({ ...seen, selected: ids });
    if (boxes.length === 0) return false;
    const moving = movingWith(drawing.pieces, ids);
    const shown = new Set(
      allPieces(overlay.stack.filter((piece) => piece.shown))
        .filter((piece) => piece.shown)
        .map((piece) => piece.id),
    );
    const around = boxAround(boxes);
    grip.current = {
      handle,
      ids: [...ids],
      piece: ids.length === 1 ? findPiece(overlay, ids[0]) : undefined,
      start: at,
      corners: (boxes.length === 1 && boxes[0]) || cornersOfBox(around),
      box: around,
      baselines: ids.flatMap((id) =>
        pointsOf(seen.drawn.get(id)?.baselines ?? [], unitX, unitY)
          .filter((_, i) => i % 2 === 0)
          .map((p) => p.y),
      ),
      targets: snapTargets(
        overlay.frame,
        drawing.pieces,
        (piece) => !moving.has(piece.id) && shown.has(piece.id) && piece.group === "",
        unitX,
        unitY,
      ),
    };
    return true;
  };

  const draggedTo = (taken: Grip, event: PointerEvent, p: Point) => {
    const suspended = event.ctrlKey || event.metaKey;
    return dragged(taken, p, {
      shift: event.shiftKey,
      alt: event.altKey,
      reach: useHand.getState().snapping !== suspended ? SNAP_REACH / seen.zoom : 0,
    });
  };

  return {
    take,
    /** Whether something is moved, and not only held. */
    move: (event: PointerEvent, p: Point): boolean => {
      const taken = grip.current;
      if (!taken) return false;
      const far = Math.hypot(p.x - taken.start.x, p.y - taken.start.y) * seen.zoom;
      if (held?.state !== "held" && far < MOVE_STARTS_AT) return false;
      const { matrix, lines } = draggedTo(taken, event, p);
      useHand.setState({ held: { ids: taken.ids, matrix, state: "held" }, lines });
      return true;
    },
    letGo: (event: PointerEvent, p: Point) => {
      const taken = grip.current;
      grip.current = null;
      if (!taken || held?.state !== "held") return;
      const { arrangement, did } = draggedTo(taken, event, p);
      const name = taken.piece?.name ?? `${taken.ids.length} pieces`;
      useHand.setState({ held: { ...held, state: "waiting" }, lines: [] });
      const done = () => useHand.setState({ held: { ...held, state: "let-go" } });
      if (arrangement) {
        void arrange(arrangement, `${did} ${name}`, { ids: taken.ids, keepChoice: true }).then(
          done,
        );
      } else done();
    },
    callOff: () => {
      grip.current = null;
      useHand.setState({ held: null, lines: [] });
    },
  };
}
