import { type MouseEvent, type PointerEvent, useEffect, useRef } from "react";
import type { Overlay, Piece } from "../api/client";
import { type Backdrop, BackdropLayer } from "../backdrops/Backdrop";
import { colourAt, useTaking } from "../colour/taking";
import { middleOf, type Point, within } from "../document/geometry";
import { useOverlay } from "../document/overlayStore";
import { useHome } from "../ui/home";
import { addText } from "./addText";
import { Composite } from "./Composite";
import type { Grip } from "./grip";
import { useHand } from "./hand";
import { hitIn, hitsAt } from "./hits";
import { PiecePictures } from "./PiecePictures";
import { chosenCorners, frameCorners, pointOf, seenOf } from "./seen";
import { StageMarks } from "./StageMarks";
import { useBand } from "./useBand";
import { useDigging } from "./useDigging";
import type { Drawn } from "./useDrawing";
import { useGrip } from "./useGrip";
import { useWordsUnderHand } from "./useWordsUnderHand";

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

/** The frame with the overlay on it, where pieces are taken by the hand. */
export function Stage(props: Props) {
  const { overlay, drawn, settled, zoom, backdrop, guides, pointedAt, onAsk } = props;
  const { select, toggle } = useOverlay.getState();
  const selected = useOverlay((state) => state.selected);
  const held = useHand((state) => state.held);
  const taking = useTaking((state) => state.take);
  const surface = useRef<HTMLDivElement>(null);
  const seen = seenOf(overlay, drawn, zoom, selected);
  const { drawing, width, height, unitX, unitY } = seen;
  const grip = useGrip(seen);
  const band = useBand(seen);
  const words = useWordsUnderHand(seen);
  const digging = useDigging(selected);
  const inHand = held && !(held.state === "let-go" && seen.current) ? held : null;

  useHome(surface);
  useEffect(() => {
    // What had the focus may have gone with the piece that it belonged to.
    if (document.activeElement === document.body) surface.current?.focus({ preventScroll: true });
  }, [selected]);

  const at = (event: { clientX: number; clientY: number }) => pointOf(surface.current, zoom, event);
  const capture = (event: PointerEvent) => surface.current?.setPointerCapture(event.pointerId);
  const take = (event: PointerEvent, handle: Grip["handle"], ids: readonly string[]) => {
    if (grip.take(handle, ids, at(event))) capture(event);
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
    if (words.press(p)) {
      event.preventDefault(); // So that the words keep being typed in.
      capture(event);
      return;
    }
    const hits = hitsAt(p, seen);
    const piece = digging.meant(hits);
    digging.forget();
    if (event.shiftKey && piece) {
      toggle(piece.id);
      return;
    }
    if (!piece) {
      if (!event.shiftKey) select([]);
      capture(event);
      band.begin(p);
      return;
    }
    digging.press(event, piece, hits);
    const ids = selected.includes(piece.id) ? selected : [piece.id];
    if (ids !== selected) select(ids);
    take(event, "move", ids);
  };
  const onPointerMove = (event: PointerEvent) => {
    const p = at(event);
    if (words.move(p) || band.move(p)) return;
    if (grip.move(event, p)) digging.moved();
  };
  const onPointerUp = (event: PointerEvent) => {
    words.letGo();
    if (!band.letGo(at(event))) grip.letGo(event, at(event));
  };
  const onDoubleClick = (event: MouseEvent) => {
    const p = at(event);
    if (words.word(p)) return;
    const [piece] = hitsAt(p, { ...seen, selected: [] });
    if (!piece) {
      if (within(frameCorners(seen), p)) addText({ x: Math.round(p.x), y: Math.round(p.y) });
    } else if (piece.kind === "group") {
      const inside = hitIn(piece.stack, p, seen);
      if (inside) select([inside.id]);
    } else if (piece.kind === "text") {
      words.open(piece, p);
    }
  };
  const onContextMenu = (event: MouseEvent) => {
    event.preventDefault();
    // The menu key asks about what is chosen.
    const byKey = event.button !== 2 || (event.clientX === 0 && event.clientY === 0);
    const [first] = chosenCorners(seen);
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
      onClick={digging.click}
      onDoubleClick={onDoubleClick}
      onContextMenu={onContextMenu}
      onPointerCancel={() => {
        grip.callOff();
        band.callOff();
      }}
    >
      <BackdropLayer backdrop={backdrop} />
      {drawing && drawn && (
        <>
          <Composite
            drawing={drawing}
            alt={`${overlay.name} on its frame`}
            current={seen.current}
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
      <StageMarks
        {...{ seen, inHand, guides, pointedAt }}
        toStage={(event) => {
          const p = at(event);
          return { x: p.x * zoom, y: p.y * zoom };
        }}
        onTake={(event, handle) => take(event, handle, selected)}
      />
    </div>
  );
}

/** The pieces' own pictures are fetched when they are looked at, so not for every key typed. */
function piecesOf({ drawing, overlay }: Drawn) {
  return { drawing, stack: overlay.stack };
}
