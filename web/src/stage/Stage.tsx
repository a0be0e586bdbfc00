import { type PointerEvent, useLayoutEffect, useRef, useState } from "react";
import type { DrawnPiece, Overlay, Piece } from "../api/client";
import { type Backdrop, BackdropLayer } from "../backdrops/Backdrop";
import { useOverlay } from "../document/overlayStore";
import { Composite } from "./Composite";
import {
  after,
  areaOf,
  centreOf,
  displayWidth,
  mapped,
  type Matrix,
  moved,
  placedAt,
  type Point,
  resized,
  STILL,
  stretched,
  turned,
  within,
} from "./geometry";
import { Handles, type HandleName, HANDLES } from "./Handles";
import type { Drawn } from "./useDrawing";

interface Props {
  overlay: Overlay;
  drawn: Drawn | null;
  /** CSS pixels for one display unit. */
  zoom: number;
  backdrop: Backdrop;
  guides: boolean;
  /** A piece to point out, however faint it is. */
  pointedAt: string | null;
  onZoomAt: (factor: number) => void;
}

/** What the hand is doing to a piece, shown at once by moving the picture that the core drew. */
interface Live {
  id: string;
  matrix: Matrix;
  /** Let go of: shown only until the core has drawn what came of it. */
  released: boolean;
}

interface Grip {
  handle: HandleName | "move" | "turn";
  start: Point;
  piece: Piece;
  size: { width: number; height: number };
  centre: Point;
  next: (piece: Piece) => Piece;
}

const MOVE_STARTS_AT = 3;

function corners(piece: DrawnPiece, unit: number): Point[] {
  const list: Point[] = [];
  for (let i = 0; i < 8; i += 2) {
    list.push({ x: (piece.corners[i] ?? 0) * unit, y: (piece.corners[i + 1] ?? 0) * unit });
  }
  return list;
}

/** The frame with the overlay on it, where pieces are taken by the hand. */
export function Stage(props: Props) {
  const { overlay, drawn, zoom, backdrop, guides, pointedAt, onZoomAt } = props;
  const { select, changePiece } = useOverlay.getState();
  const selectedId = useOverlay((state) => state.selected);
  const [held, setHeld] = useState<Live | null>(null);
  const grip = useRef<Grip | null>(null);
  const surface = useRef<HTMLDivElement>(null);
  const width = displayWidth(overlay.frame);
  const height = overlay.frame.height;
  const drawing = drawn?.drawing;
  // Display units for one pixel of the drawing, across and down.
  const unitX = drawing ? width / drawing.width : 1;
  const unitY = drawing ? height / drawing.height : 1;
  const inHand = held !== null && !(held.released && drawn?.overlay === overlay);
  const live = inHand ? held : null;

  useLayoutEffect(() => {
    const element = surface.current?.parentElement;
    if (!element) return;
    const onWheel = (event: WheelEvent) => {
      event.preventDefault();
      onZoomAt(Math.exp(-event.deltaY / 400));
    };
    element.addEventListener("wheel", onWheel, { passive: false });
    return () => element.removeEventListener("wheel", onWheel);
  }, [onZoomAt]);

  const boxes = new Map(
    (drawing?.pieces ?? []).map((piece) => [
      piece.id,
      corners(piece, 1).map((p) => ({ x: p.x * unitX, y: p.y * unitY })),
    ]),
  );
  const at = (event: PointerEvent): Point => {
    const rect = surface.current?.getBoundingClientRect();
    return {
      x: (event.clientX - (rect?.left ?? 0)) / zoom,
      y: (event.clientY - (rect?.top ?? 0)) / zoom,
    };
  };
  const hit = (p: Point): Piece | undefined =>
    overlay.stack.find((piece) => piece.shown && within(boxes.get(piece.id) ?? [], p));

  const take = (event: PointerEvent, handle: Grip["handle"], piece: Piece) => {
    const box = drawing?.pieces.find((other) => other.id === piece.id);
    if (!box || drawn?.overlay !== overlay) return;
    const size = { width: box.boxWidth, height: box.boxHeight };
    surface.current?.setPointerCapture(event.pointerId);
    grip.current = {
      handle,
      start: at(event),
      piece,
      size,
      centre: centreOf(overlay.frame, piece.place, size),
      next: (same) => same,
    };
  };
  const onPointerDown = (event: PointerEvent) => {
    if (event.button !== 0) return;
    const p = at(event);
    const piece = hit(p);
    select(piece?.id ?? null);
    if (piece) take(event, "move", piece);
  };
  const onPointerMove = (event: PointerEvent) => {
    const taken = grip.current;
    if (!taken) return;
    const p = at(event);
    const far = Math.hypot(p.x - taken.start.x, p.y - taken.start.y) * zoom;
    if (!live && far < MOVE_STARTS_AT) return;
    const { matrix, next } = dragged(taken, p, event.shiftKey, overlay);
    taken.next = next;
    setHeld({ id: taken.piece.id, matrix, released: false });
  };
  const onPointerUp = () => {
    const taken = grip.current;
    grip.current = null;
    if (!taken || !live) return;
    changePiece(taken.piece.id, taken.next);
    setHeld({ ...live, released: true });
  };

  const chosen = boxes.get(selectedId ?? "");
  const chosenPiece = overlay.stack.find((piece) => piece.id === selectedId);
  const matrix = live && live.id === selectedId ? live.matrix : STILL;
  const pointed = pointedAt ? boxes.get(pointedAt) : undefined;
  return (
    <div
      ref={surface}
      role="application"
      aria-label="Stage"
      className="relative shrink-0 touch-none select-none overflow-hidden shadow-[0_0_0_1px_#0008]"
      style={{ width: width * zoom, height: height * zoom }}
      onPointerDown={onPointerDown}
      onPointerMove={onPointerMove}
      onPointerUp={onPointerUp}
      onPointerCancel={() => {
        grip.current = null;
        setHeld(null);
      }}
    >
      <BackdropLayer backdrop={backdrop} />
      {drawing && (
        <>
          <Composite
            drawing={drawing}
            alt={`${overlay.name} on its frame`}
            current={drawn.overlay === overlay}
            style={{
              visibility: inHand ? "hidden" : "visible",
              imageRendering: zoom > 1 ? "pixelated" : "auto",
            }}
          />
          {drawing.pieces.toReversed().map((piece) => {
            const shown = overlay.stack.find((other) => other.id === piece.id)?.shown ?? false;
            const { part } = piece;
            if (!part.picture || !shown) return null;
            const own = live?.id === piece.id ? live.matrix : STILL;
            const m = after(own, moved(part.left * unitX, part.top * unitY));
            return (
              <img
                key={piece.id}
                src={part.picture}
                alt=""
                draggable={false}
                className="absolute left-0 top-0 max-w-none origin-top-left"
                style={{
                  visibility: inHand ? "visible" : "hidden",
                  width: part.width * unitX * zoom,
                  height: part.height * unitY * zoom,
                  transform: `matrix(${m.a},${m.b},${m.c},${m.d},${m.e * zoom},${m.f * zoom})`,
                }}
              />
            );
          })}
        </>
      )}
      <svg
        className="absolute inset-0 h-full w-full"
        viewBox={`0 0 ${width * zoom} ${height * zoom}`}
        aria-hidden
      >
        {guides &&
          (["ACTION_SAFE", "TITLE_SAFE"] as const).map((area) => {
            const box = areaOf(overlay.frame, area);
            const around = {
              x: box.x * zoom,
              y: box.y * zoom,
              width: box.width * zoom,
              height: box.height * zoom,
              fill: "none",
            };
            // Dark and light dashes together are seen over any backdrop.
            return (
              <g key={area} strokeOpacity={area === "TITLE_SAFE" ? 0.85 : 0.45}>
                <rect {...around} stroke="#000" />
                <rect {...around} stroke="#fff" strokeDasharray="6 6" />
              </g>
            );
          })}
        {pointed && (
          <polygon
            points={pointed.map((p) => `${p.x * zoom},${p.y * zoom}`).join(" ")}
            fill="#f0a93f44"
            stroke="#f0a93f"
            strokeWidth={2}
          />
        )}
        {chosen && chosenPiece && (
          <Handles
            corners={chosen.map((p) => {
              const q = mapped(matrix, p);
              return { x: q.x * zoom, y: q.y * zoom };
            })}
            text={chosenPiece.kind === "text"}
            onTake={(event, handle) => {
              event.stopPropagation();
              take(event, handle, chosenPiece);
            }}
          />
        )}
      </svg>
    </div>
  );
}

/** Where a grip has brought its piece: as a picture moved for now, and as a change to keep. */
function dragged(
  held: Grip,
  p: Point,
  even: boolean,
  overlay: Overlay,
): { matrix: Matrix; next: (piece: Piece) => Piece } {
  const { frame } = overlay;
  const { piece, size, centre } = held;
  const dx = p.x - held.start.x;
  const dy = p.y - held.start.y;
  if (held.handle === "move") {
    // With Shift the piece keeps to the direction it moves most in.
    const x = Math.round(even && Math.abs(dx) < Math.abs(dy) ? 0 : dx);
    const y = Math.round(even && Math.abs(dy) <= Math.abs(dx) ? 0 : dy);
    return {
      matrix: moved(x, y),
      next: (same) => ({
        ...same,
        place: { ...same.place, right: same.place.right + x, down: same.place.down + y },
      }),
    };
  }
  if (held.handle === "turn") {
    const from = Math.atan2(held.start.y - centre.y, held.start.x - centre.x);
    const to = Math.atan2(p.y - centre.y, p.x - centre.x);
    let turn = piece.place.turn + ((to - from) * 180) / Math.PI;
    turn = even ? Math.round(turn / 15) * 15 : Math.round(turn * 10) / 10;
    const tidy = ((((turn + 180) % 360) + 360) % 360) - 180;
    return {
      matrix: turned(tidy - piece.place.turn, centre),
      next: (same) => ({ ...same, place: { ...same.place, turn: tidy } }),
    };
  }
  // In the box's own directions: how far the handle was drawn from the side that stays.
  const towards = HANDLES[held.handle];
  const inBox = mapped(turned(-piece.place.turn, { x: 0, y: 0 }), { x: dx, y: dy });
  let sx = towards.x === 0 ? 1 : Math.max(0.02, 1 + (inBox.x * towards.x) / size.width);
  let sy = towards.y === 0 ? 1 : Math.max(0.02, 1 + (inBox.y * towards.y) / size.height);
  const corner = towards.x !== 0 && towards.y !== 0;
  if (corner && (piece.kind !== "plate" || even)) sx = sy = Math.max(sx, sy);
  const away = mapped(turned(piece.place.turn, { x: 0, y: 0 }), {
    x: (-towards.x * size.width) / 2,
    y: (-towards.y * size.height) / 2,
  });
  const fixed = { x: centre.x + away.x, y: centre.y + away.y };
  const matrix = stretched(sx, sy, piece.place.turn, fixed);
  const newSize = { width: size.width * sx, height: size.height * sy };
  const newCentre = mapped(matrix, centre);
  return {
    matrix,
    next: (same) => ({
      ...resized(same, newSize, sy),
      place: placedAt(frame, same.place, newSize, newCentre),
    }),
  };
}
