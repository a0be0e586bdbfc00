import type { PointerEvent } from "react";
import type { DrawnPiece } from "../api/client";
import {
  type Corners,
  cornersOfBox,
  type Matrix,
  type Point,
  pointsOf,
  STILL,
} from "../document/geometry";
import { handlesOf } from "../document/pieceKinds";
import { findPiece } from "../document/tree";
import { Carets } from "./Carets";
import { boxAround, type Grip, movedCorners } from "./grip";
import { Guides } from "./Guides";
import { type Held, useHand } from "./hand";
import { Handles, Outline } from "./Handles";
import { PaintHandles, PolygonHandles } from "./PaintHandles";
import { chosenCorners, type Seen } from "./seen";
import { SnapLines } from "./SnapLines";
import { Thread } from "./Thread";

interface Props {
  seen: Seen;
  /** What is in the hand and not drawn where it lies yet. */
  inHand: Held | null;
  guides: boolean;
  /** A piece to point out, however faint it is. */
  pointedAt: string | null;
  /** A point of the stage in CSS pixels. */
  toStage: (event: PointerEvent) => Point;
  onTake: (event: PointerEvent, handle: Grip["handle"]) => void;
}

/** What is drawn over the overlay and belongs to no file: guides, handles, carets, lines. */
export function StageMarks({ seen, inHand, guides, pointedAt, toStage, onTake }: Props) {
  const { overlay, drawn, corners, unitX, unitY, zoom, width, height, selected } = seen;
  const { lines, band } = useHand();
  const only = selected.length === 1 ? findPiece(overlay, selected[0]) : undefined;
  const onlyDrawn = only && drawn.get(only.id);
  const chosen = chosenCorners(seen);
  const around: Corners | undefined =
    chosen.length > 1 ? cornersOfBox(boxAround(chosen)) : chosen[0];
  const matrix = inHand ? inHand.matrix : STILL;
  const scaled = (points: Corners): Corners =>
    points.map((p) => ({ x: p.x * zoom, y: p.y * zoom })) as Corners;
  const pointed = pointedAt ? corners(pointedAt) : undefined;
  return (
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
      {chosen.length > 1 &&
        chosen.map((box, i) => (
          <Outline key={i} corners={scaled(movedCorners(box, matrix))} thin />
        ))}
      {onlyDrawn && !onlyDrawn.backs && (
        <PieceThread {...{ onlyDrawn, unitX, unitY, zoom, matrix }} />
      )}
      {around && (
        <Handles
          corners={scaled(movedCorners(around, matrix))}
          sizedBy={handlesOf(only)}
          onTake={(event, handle) => {
            event.stopPropagation();
            onTake(event, handle);
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
  );
}

function PieceThread(props: {
  onlyDrawn: DrawnPiece;
  unitX: number;
  unitY: number;
  zoom: number;
  matrix: Matrix;
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
