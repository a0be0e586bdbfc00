import { type PointerEvent, useLayoutEffect, useRef } from "react";
import type { DrawnPiece, Overlay, Piece } from "../api/client";
import { type Backdrop, BackdropLayer } from "../backdrops/Backdrop";
import { arrange } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";
import { allPieces, findPiece, groupsAround } from "../document/tree";
import { snapTargets } from "../snapping/snap";
import { Carets, caretsOf, placeAt } from "./Carets";
import { Composite } from "./Composite";
import { editWords, useEditing } from "./editing";
import {
  boundsOf,
  type Corners,
  cornersOf,
  cornersOfBox,
  displayWidth,
  overlapping,
  type Point,
  pointsOf,
  STILL,
  within,
} from "./geometry";
import { boxAround, dragged, type Grip, handlesOf, movedCorners } from "./grip";
import { Guides } from "./Guides";
import { movingWith, useHand } from "./hand";
import { Handles, type HandleName, Outline } from "./Handles";
import { PaintHandles, PolygonHandles } from "./PaintHandles";
import { PiecePictures } from "./PiecePictures";
import { SnapLines } from "./SnapLines";
import { colourAt, useTaking } from "./taking";
import { Thread } from "./Thread";
import type { Drawn } from "./useDrawing";

interface Props {
  overlay: Overlay;
  drawn: Drawn | null;
  /** What was drawn when the hand last rested. */
  settled: Drawn | null;
  /** CSS pixels for one display unit. */
  zoom: number;
  backdrop: Backdrop;
  guides: boolean;
  /** A piece to point out, however faint it is. */
  pointedAt: string | null;
  onZoomAt: (factor: number) => void;
}

const MOVE_STARTS_AT = 3;
const SNAP_REACH = 6;

/** The frame with the overlay on it, where pieces are taken by the hand. */
export function Stage(props: Props) {
  const { overlay, drawn, settled, zoom, backdrop, guides, pointedAt, onZoomAt } = props;
  const { select, toggle } = useOverlay.getState();
  const selected = useOverlay((state) => state.selected);
  const { held, lines, band } = useHand();
  const editing = useEditing((state) => state.id);
  const taking = useTaking((state) => state.take);
  const grip = useRef<Grip | null>(null);
  const bandFrom = useRef<Point | null>(null);
  const wordsFrom = useRef<number | null>(null);
  const surface = useRef<HTMLDivElement>(null);
  const width = displayWidth(overlay.frame);
  const height = overlay.frame.height;
  const drawing = drawn?.drawing;
  // Display units for one pixel of the drawing, across and down.
  const unitX = drawing ? width / drawing.width : 1;
  const unitY = drawing ? height / drawing.height : 1;
  const inHand = held && !(held.state === "let-go" && drawn?.overlay === overlay) ? held : null;

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

  const pieces = new Map((drawing?.pieces ?? []).map((piece) => [piece.id, piece]));
  const corners = (id: string): Corners | undefined => {
    const piece = pieces.get(id);
    return piece && cornersOf(piece, unitX, unitY);
  };
  const at = (event: { clientX: number; clientY: number }): Point => {
    const rect = surface.current?.getBoundingClientRect();
    return {
      x: (event.clientX - (rect?.left ?? 0)) / zoom,
      y: (event.clientY - (rect?.top ?? 0)) / zoom,
    };
  };
  const toStage = (event: PointerEvent): Point => {
    const p = at(event);
    return { x: p.x * zoom, y: p.y * zoom };
  };
  /** The foremost piece under a point: of the group last entered, or of the overlay. */
  const hit = (p: Point): Piece | undefined => {
    const under = (stack: readonly Piece[]) =>
      stack.find((piece) => piece.shown && !piece.locked && within(corners(piece.id) ?? [], p));
    const [first] = selected;
    const entered = first === undefined ? [] : groupsAround(overlay.stack, first);
    for (const id of entered.toReversed()) {
      const group = findPiece(overlay, id);
      const inside = group?.kind === "group" ? under(group.stack) : undefined;
      if (inside) return inside;
    }
    return under(overlay.stack);
  };

  const take = (event: PointerEvent, handle: Grip["handle"], ids: string[]) => {
    if (!drawing || drawn.overlay !== overlay) return;
    const boxes = ids.flatMap((id) => {
      const box = corners(id);
      return box ? [box] : [];
    });
    if (boxes.length === 0) return;
    const moving = movingWith(drawing.pieces, ids);
    const shown = new Set(
      allPieces(overlay.stack.filter((piece) => piece.shown))
        .filter((piece) => piece.shown)
        .map((piece) => piece.id),
    );
    const around = boxAround(boxes);
    surface.current?.setPointerCapture(event.pointerId);
    grip.current = {
      handle,
      ids,
      piece: ids.length === 1 ? findPiece(overlay, ids[0]) : undefined,
      start: at(event),
      corners: (boxes.length === 1 && boxes[0]) || cornersOfBox(around),
      box: around,
      baselines: ids.flatMap((id) =>
        pointsOf(pieces.get(id)?.baselines ?? [], unitX, unitY)
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
  };

  const wordsUnder = (p: Point): number | null => {
    const text = pieces.get(editing);
    if (!text || !within(corners(editing) ?? [], p)) return null;
    const carets = caretsOf(text, unitX, unitY);
    return carets.length > 0 ? placeAt(carets, p) : null;
  };

  const onPointerDown = (event: PointerEvent) => {
    if (event.button !== 0) return;
    const p = at(event);
    if (taking && drawing) {
      event.preventDefault();
      useTaking.setState({ take: null });
      void colourAt(drawing, backdrop, p.x / width, p.y / height).then(taking);
      return;
    }
    const place = wordsUnder(p);
    if (place !== null) {
      event.preventDefault(); // So that the words keep being typed in.
      surface.current?.setPointerCapture(event.pointerId);
      wordsFrom.current = place;
      editWords(editing, { start: place, end: place });
      return;
    }
    const piece = hit(p);
    if (event.shiftKey && piece) {
      toggle(piece.id);
      return;
    }
    if (!piece) {
      if (!event.shiftKey) select([]);
      surface.current?.setPointerCapture(event.pointerId);
      bandFrom.current = p;
      return;
    }
    const ids = selected.includes(piece.id) ? selected : [piece.id];
    if (ids !== selected) select(ids);
    take(event, "move", ids);
  };
  const onPointerMove = (event: PointerEvent) => {
    const p = at(event);
    if (wordsFrom.current !== null) {
      const place = wordsUnder(p);
      if (place !== null) {
        editWords(editing, {
          start: Math.min(place, wordsFrom.current),
          end: Math.max(place, wordsFrom.current),
        });
      }
      return;
    }
    if (bandFrom.current) {
      useHand.setState({ band: boundsOf([bandFrom.current, p]) });
      return;
    }
    const taken = grip.current;
    if (!taken) return;
    const far = Math.hypot(p.x - taken.start.x, p.y - taken.start.y) * zoom;
    if (held?.state !== "held" && far < MOVE_STARTS_AT) return;
    const { snapping } = useHand.getState();
    const suspended = event.ctrlKey || event.metaKey;
    const { matrix, lines: met } = dragged(taken, p, {
      shift: event.shiftKey,
      alt: event.altKey,
      reach: snapping !== suspended ? SNAP_REACH / zoom : 0,
    });
    useHand.setState({ held: { ids: taken.ids, matrix, state: "held" }, lines: met });
  };
  const onPointerUp = (event: PointerEvent) => {
    wordsFrom.current = null;
    if (bandFrom.current) {
      const around = boundsOf([bandFrom.current, at(event)]);
      bandFrom.current = null;
      useHand.setState({ band: null });
      if (around.width * zoom > MOVE_STARTS_AT && around.height * zoom > MOVE_STARTS_AT) {
        const met = overlay.stack.filter(
          (piece) =>
            piece.shown &&
            !piece.locked &&
            overlapping(boundsOf(corners(piece.id) ?? [{ x: -1e9, y: -1e9 }]), around),
        );
        select([...new Set([...selected, ...met.map((piece) => piece.id)])]);
      }
      return;
    }
    const taken = grip.current;
    grip.current = null;
    if (!taken || held?.state !== "held") return;
    const { snapping } = useHand.getState();
    const { arrangement, did } = dragged(taken, at(event), {
      shift: event.shiftKey,
      alt: event.altKey,
      reach: snapping !== (event.ctrlKey || event.metaKey) ? SNAP_REACH / zoom : 0,
    });
    const name = taken.piece?.name ?? `${taken.ids.length} pieces`;
    useHand.setState({ held: { ...held, state: "waiting" }, lines: [] });
    const done = () => useHand.setState({ held: { ...held, state: "let-go" } });
    if (arrangement) {
      void arrange(arrangement, `${did} ${name}`, { ids: taken.ids, keepChoice: true }).then(done);
    } else done();
  };
  const onDoubleClick = (event: { clientX: number; clientY: number }) => {
    const p = at(event);
    const piece = hit(p);
    if (!piece || piece.id === editing) return;
    if (piece.kind === "group") {
      const inside = piece.stack.find((one) => one.shown && within(corners(one.id) ?? [], p));
      if (inside) select([inside.id]);
    } else if (piece.kind === "text") {
      select([piece.id]);
      // The sheet with the words is there once the choice has been shown.
      setTimeout(() => editWords(piece.id), 0);
    }
  };

  const only = selected.length === 1 ? findPiece(overlay, selected[0]) : undefined;
  const onlyDrawn = only && pieces.get(only.id);
  const chosenCorners = selected.flatMap((id) => {
    const box = corners(id);
    return box ? [box] : [];
  });
  const around: Corners | undefined =
    chosenCorners.length > 1 ? cornersOfBox(boxAround(chosenCorners)) : chosenCorners[0];
  const matrix = inHand ? inHand.matrix : STILL;
  const scaled = (points: Corners): Corners =>
    points.map((p) => ({ x: p.x * zoom, y: p.y * zoom })) as Corners;
  const pointed = pointedAt ? corners(pointedAt) : undefined;
  return (
    <div
      ref={surface}
      role="application"
      aria-label="Stage"
      className={`relative shrink-0 touch-none select-none overflow-hidden shadow-[0_0_0_1px_#0008] ${taking ? "cursor-crosshair" : ""}`}
      style={{ width: width * zoom, height: height * zoom }}
      onPointerDown={onPointerDown}
      onPointerMove={onPointerMove}
      onPointerUp={onPointerUp}
      onDoubleClick={onDoubleClick}
      onPointerCancel={() => {
        grip.current = null;
        bandFrom.current = null;
        useHand.setState({ held: null, lines: [], band: null });
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
          <PiecePictures
            {...piecesOf(inHand ? drawn : (settled ?? drawn))}
            held={inHand}
            zoom={zoom}
            unitX={unitX}
            unitY={unitY}
          />
        </>
      )}
      <svg
        className="absolute inset-0 h-full w-full"
        viewBox={`0 0 ${width * zoom} ${height * zoom}`}
        aria-hidden
      >
        {guides && <Guides frame={overlay.frame} zoom={zoom} />}
        {pointed && (
          <polygon
            points={pointed.map((p) => `${p.x * zoom},${p.y * zoom}`).join(" ")}
            fill="#f0a93f44"
            stroke="#f0a93f"
            strokeWidth={2}
          />
        )}
        {chosenCorners.length > 1 &&
          chosenCorners.map((box, i) => (
            <Outline key={i} corners={scaled(movedCorners(box, matrix))} thin />
          ))}
        {only && onlyDrawn && !onlyDrawn.hugs && (
          <PieceThread {...{ onlyDrawn, unitX, unitY, zoom, matrix }} />
        )}
        {around && (
          <Handles
            corners={scaled(movedCorners(around, matrix))}
            sizedBy={handlesOf(only)}
            onTake={(event: PointerEvent, handle: HandleName | "turn") => {
              event.stopPropagation();
              take(event, handle, selected);
            }}
          />
        )}
        {only?.kind === "text" && onlyDrawn && (
          <Carets text={only} drawn={onlyDrawn} {...{ zoom, unitX, unitY }} />
        )}
        {only &&
          onlyDrawn &&
          around &&
          !inHand &&
          (only.kind === "text" || only.kind === "plate") && (
            <>
              <PaintHandles
                piece={only}
                corners={scaled(around)}
                width={onlyDrawn.boxWidth}
                height={onlyDrawn.boxHeight}
                toStage={toStage}
              />
              <PolygonHandles piece={only} corners={scaled(around)} toStage={toStage} />
            </>
          )}
        <SnapLines lines={lines} zoom={zoom} />
        {band && (
          <rect
            x={band.x * zoom}
            y={band.y * zoom}
            width={band.width * zoom}
            height={band.height * zoom}
            fill="#f0a93f22"
            stroke="#f0a93f"
            strokeDasharray="4 3"
          />
        )}
      </svg>
    </div>
  );
}

/** The pieces' own pictures are fetched when they are looked at, so not for every key typed. */
function piecesOf({ drawing, overlay }: Drawn) {
  return { drawing, stack: overlay.stack };
}

function PieceThread(props: {
  onlyDrawn: DrawnPiece;
  unitX: number;
  unitY: number;
  zoom: number;
  matrix: typeof STILL;
}) {
  const { onlyDrawn, unitX, unitY, zoom, matrix } = props;
  const [own, hook] = pointsOf(onlyDrawn.thread, unitX, unitY);
  if (!own || !hook) return null;
  const [now] = movedCorners([own, own, own, own], matrix);
  return (
    <Thread
      own={{ x: now.x * zoom, y: now.y * zoom }}
      hook={{ x: hook.x * zoom, y: hook.y * zoom }}
    />
  );
}
