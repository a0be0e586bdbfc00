import { type MouseEvent, type PointerEvent, useEffect, useRef } from "react";
import { flushSync } from "react-dom";
import type { DrawnPiece, Overlay, Piece } from "../api/client";
import { type Backdrop, BackdropLayer } from "../backdrops/Backdrop";
import { arrange } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";
import { wordsOf } from "../document/runs";
import { allPieces, findPiece } from "../document/tree";
import { wordAt } from "../document/words";
import { snapTargets } from "../snapping/snap";
import { useHome } from "../ui/home";
import { addText } from "./addText";
import { Carets, caretsOf, placeAt } from "./Carets";
import { Composite } from "./Composite";
import { editWords, useEditing } from "./editing";
import {
  boundsOf,
  type Corners,
  cornersOf,
  cornersOfBox,
  displayWidth,
  middleOf,
  overlapping,
  type Point,
  pointsOf,
  STILL,
  within,
} from "../document/geometry";
import { handlesOf } from "../document/pieceKinds";
import { boxAround, dragged, type Grip, movedCorners } from "./grip";
import { Guides } from "./Guides";
import { movingWith, useHand } from "./hand";
import { Handles, type HandleName, Outline } from "./Handles";
import { PaintHandles, PolygonHandles } from "./PaintHandles";
import { PiecePictures } from "./PiecePictures";
import { SnapLines } from "./SnapLines";
import { hitIn, hitsAt } from "./hits";
import { colourAt, useTaking } from "../colour/taking";
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
  /** What a press with the other button asks for: what lies there, and what can be done with it. */
  onAsk: (asked: Asked) => void;
}

/** A place of the stage that was asked about. */
export interface Asked {
  clientX: number;
  clientY: number;
  /** In display units. */
  spot: Point;
  /** What lies there, front to back. */
  pieces: Piece[];
}

const MOVE_STARTS_AT = 3;

/** Clicks no farther apart, in CSS pixels, are at the same place. */
const SAME_PLACE = 6;
const SNAP_REACH = 6;

/** The frame with the overlay on it, where pieces are taken by the hand. */
export function Stage(props: Props) {
  const { overlay, drawn, settled, zoom, backdrop, guides, pointedAt, onAsk } = props;
  const { select, toggle } = useOverlay.getState();
  const selected = useOverlay((state) => state.selected);
  const { held, lines, band } = useHand();
  const editing = useEditing((state) => state.id);
  const taking = useTaking((state) => state.take);
  const grip = useRef<Grip | null>(null);
  const bandFrom = useRef<Point | null>(null);
  const wordsFrom = useRef<number | null>(null);
  /** Where the caret is to go once it is known where carets can stand. */
  const caretAt = useRef<{ id: string; words: string; p: Point } | null>(null);
  /** What a second click at the same place goes on to: what lies beneath what the first one chose. */
  const beneath = useRef<string | null>(null);
  /** Where the last click was, in CSS pixels of the window; nothing once something was moved. */
  const clicked = useRef<{ x: number; y: number } | null>(null);
  const surface = useRef<HTMLDivElement>(null);
  const width = displayWidth(overlay.frame);
  const height = overlay.frame.height;
  const drawing = drawn?.drawing;
  // Display units for one pixel of the drawing, across and down.
  const unitX = drawing ? width / drawing.width : 1;
  const unitY = drawing ? height / drawing.height : 1;
  const inHand = held && !(held.state === "let-go" && drawn?.overlay === overlay) ? held : null;

  useHome(surface);
  useEffect(() => {
    // What had the focus may have gone with the piece that it belonged to.
    if (document.activeElement === document.body) surface.current?.focus({ preventScroll: true });
  }, [selected]);

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
  const frameCorners = cornersOfBox({ x: 0, y: 0, width, height });
  const seen = { overlay, drawn: pieces, corners, unitX, unitY, zoom, selected };

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
    const hits = hitsAt(p, seen);
    const { dug } = useHand.getState();
    const piece = hits.find((one) => one.id === dug && selected.includes(dug)) ?? hits[0];
    beneath.current = null;
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
    const last = clicked.current;
    const again =
      last !== null && Math.hypot(event.clientX - last.x, event.clientY - last.y) < SAME_PLACE;
    if (again && selected.length === 1 && selected[0] === piece.id && hits.length > 1) {
      beneath.current = hits[(hits.indexOf(piece) + 1) % hits.length]?.id ?? null;
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
    beneath.current = clicked.current = null;
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
  const onClick = (event: MouseEvent) => {
    // The second click of two opens what the first one chose.
    if (event.detail === 1 && beneath.current !== null) {
      select([beneath.current]);
      useHand.setState({ dug: beneath.current });
    }
    beneath.current = null;
    // A drag ends in a click as well.
    const dragging = held !== null && held.state !== "let-go";
    clicked.current = dragging ? null : { x: event.clientX, y: event.clientY };
  };
  const onDoubleClick = (event: { clientX: number; clientY: number }) => {
    const p = at(event);
    const open = findPiece(overlay, editing);
    const place = wordsUnder(p);
    if (open?.kind === "text" && place !== null) {
      editWords(editing, wordAt(wordsOf(open.runs), place));
      return;
    }
    const [piece] = hitsAt(p, { ...seen, selected: [] });
    if (!piece) {
      if (within(frameCorners, p)) addText({ x: Math.round(p.x), y: Math.round(p.y) });
    } else if (piece.kind === "group") {
      const inside = hitIn(piece.stack, p, seen);
      if (inside) select([inside.id]);
    } else if (piece.kind === "text") {
      // The sheet with the words has to be there before they can be typed in.
      flushSync(() => select([piece.id]));
      caretAt.current = { id: piece.id, words: wordsOf(piece.runs), p };
      editWords(piece.id);
    }
  };
  const onContextMenu = (event: MouseEvent) => {
    event.preventDefault();
    // The menu key asks about what is chosen.
    const byKey = event.button !== 2 || (event.clientX === 0 && event.clientY === 0);
    const [first] = chosenCorners;
    const rect = surface.current?.getBoundingClientRect();
    const p = byKey && first ? middleOf(first) : at(event);
    const hits = byKey ? [] : hitsAt(p, seen);
    if (hits[0] && !hits.some((one) => selected.includes(one.id))) select([hits[0].id]);
    onAsk({
      clientX: byKey ? (rect?.left ?? 0) + p.x * zoom : event.clientX,
      clientY: byKey ? (rect?.top ?? 0) + p.y * zoom : event.clientY,
      spot: p,
      pieces: hits,
    });
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
  const editedDrawn = pieces.get(editing);
  useEffect(() => {
    const wanted = caretAt.current;
    if (!wanted || !editedDrawn || wanted.id !== editing) return;
    const carets = caretsOf(editedDrawn, unitX, unitY);
    if (carets.length === 0) return;
    caretAt.current = null;
    const now = findPiece(useOverlay.getState().overlay, editing);
    // Whoever types already knows where.
    if (now?.kind !== "text" || wordsOf(now.runs) !== wanted.words) return;
    const place = placeAt(carets, wanted.p);
    editWords(editing, { start: place, end: place });
  }, [editedDrawn, editing, unitX, unitY]);
  const scaled = (points: Corners): Corners =>
    points.map((p) => ({ x: p.x * zoom, y: p.y * zoom })) as Corners;
  const pointed = pointedAt ? corners(pointedAt) : undefined;
  return (
    <div
      ref={surface}
      role="application"
      aria-label="Stage"
      tabIndex={0}
      className={`relative shrink-0 touch-none select-none overflow-hidden focus-visible:outline-1 shadow-[0_0_0_1px_#0008] ${taking ? "cursor-crosshair" : ""}`}
      style={{ width: width * zoom, height: height * zoom }}
      onPointerDown={onPointerDown}
      onPointerMove={onPointerMove}
      onPointerUp={onPointerUp}
      onClick={onClick}
      onDoubleClick={onDoubleClick}
      onContextMenu={onContextMenu}
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
        {only && onlyDrawn && !onlyDrawn.backs && (
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
        {only && onlyDrawn && around && !inHand && "paint" in only && (
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
