import { useEffect, useMemo, useRef, useState } from "react";
import {
  type CutOut,
  type CutView,
  type PicturePiece,
  type PictureSummary,
  type Stroke,
} from "../api/client";
import { useBackdrops } from "../backdrops/useBackdrops";
import { useOverlay } from "../document/overlayStore";
import { Notice } from "../ui/Notice";
import { Tabs } from "../ui/Tabs";
import { useSize } from "../ui/useSize";
import { CutOutSection } from "./CutOutSection";
import { useCutting } from "./cutting";
import { colourIn } from "./colourIn";
import { CutLayers } from "./CutLayers";
import { type Eye, nearer, type Point, pulled, toArea, toPicture, wholeOf } from "./eye";
import { cutOutOf } from "./kinds";
import { partSeen } from "./part";
import { StrokeLayer } from "./StrokeLayer";
import { TableFoot } from "./TableFoot";
import { useCutPicture } from "./useCutPicture";
import { type Hand, handsFor, type Way, WAYS, wordsOf } from "./ways";

interface Props {
  piece: PicturePiece;
  picture: PictureSummary;
  onChange: (next: (piece: PicturePiece) => PicturePiece, did: string, key: string) => void;
  onClose: () => void;
}

const EDGE_SCALE = 8;

/** Always the same, so that what the picture was is asked for once. */
const UNCUT: CutOut = { kind: "none" };

/** Where a cut-out is looked at from close by, and made by marks of the hand. */
export function CuttingTable({ piece, picture, onChange, onClose }: Props) {
  const dialog = useRef<HTMLDialogElement>(null);
  const packageId = useOverlay((state) => state.packageId);
  const { chosen } = useBackdrops(packageId);
  const [area, size] = useSize<HTMLDivElement>();
  const [way, setWay] = useState<Way>(piece.cutOut.kind === "marks" ? "BEFORE" : "RESULT");
  const [hand, setHand] = useState<Hand>(piece.cutOut.kind === "marks" ? "keep" : "move");
  const [width, setWidth] = useState(() =>
    Math.max(4, Math.round(Math.min(picture.width, picture.height) / 30)),
  );
  const [divider, setDivider] = useState(50);
  /** Nothing as long as the whole picture is looked at. */
  const [moved, setMoved] = useState<Eye | null>(null);
  useEffect(() => {
    dialog.current?.showModal();
    useCutting.setState({ open: true });
    return () => useCutting.setState({ open: false });
  }, []);

  const free = moved ?? wholeOf(picture, size);
  const { x, y } = free;
  const scale = way === "EDGE" ? EDGE_SCALE : free.scale;
  const eye = useMemo(() => ({ x, y, scale }), [x, y, scale]);
  const marking = piece.cutOut.kind === "marks";
  const now = handsFor(marking).find(([one]) => one === hand)?.[0] ?? "move";
  const part = useMemo(() => partSeen(picture, size, eye), [picture, size, eye]);
  // While it is marked, what goes is veiled beneath what is left.
  const veiled = marking && way === "BEFORE";
  const view: CutView = way === "EDGE" || veiled ? "RESULT" : now === "pick" ? "BEFORE" : way;
  const after = useCutPicture(packageId, piece.picture, piece.cutOut, view, part);
  const before = useCutPicture(
    packageId,
    piece.picture,
    UNCUT,
    "BEFORE",
    way === "EDGE" || veiled ? part : null,
  );
  const addStroke = (stroke: Stroke) =>
    onChange(
      (same) =>
        same.cutOut.kind === "marks"
          ? { ...same, cutOut: { ...same.cutOut, strokes: [...same.cutOut.strokes, stroke] } }
          : same,
      stroke.keep ? "Mark what to keep" : "Mark what to drop",
      "",
    );
  const pick = async (at: Point) => {
    const colour = await colourIn(packageId, picture, at);
    onChange(
      (same) => {
        // Its values may still be sought when the ground is picked; what is picked counts.
        const by = same.cutOut.kind === "colour" ? same.cutOut : cutOutOf("colour", same.cutOut);
        return by.kind === "colour"
          ? { ...same, cutOut: { ...by, ground: { kind: "colour", colour } } }
          : same;
      },
      "Pick the ground",
      "",
    );
    setHand("move");
  };
  return (
    <dialog
      ref={dialog}
      className="modal"
      aria-labelledby="cutting-title"
      onClose={onClose}
      onKeyDown={(event) => {
        if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z") {
          event.preventDefault();
          if (event.shiftKey) useOverlay.getState().redo();
          else useOverlay.getState().undo();
        }
      }}
    >
      <div className="modal-box flex h-[94vh] w-[97vw] max-w-none flex-col gap-2 p-3">
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
          <h2 id="cutting-title" className="font-semibold">
            Cutting table: {piece.name}
          </h2>
          <Tabs
            label="What is looked at"
            names={WAYS.map((one) => wordsOf(one, marking))}
            chosen={wordsOf(way, marking)}
            onChoose={(words) => setWay(WAYS.find((one) => wordsOf(one, marking) === words) ?? way)}
          />
          <span className="flex-1" />
          <form method="dialog">
            <button type="submit" className="btn btn-primary btn-sm">
              Done
            </button>
          </form>
        </div>
        <div className="flex min-h-0 flex-1 gap-3">
          <div className="flex min-w-0 flex-1 flex-col gap-1">
            <div
              ref={area}
              data-testid="cutting-area"
              aria-busy={!after.current}
              className="relative min-h-0 flex-1 overflow-hidden rounded bg-base-200"
            >
              <CutLayers
                backdrop={chosen}
                before={before.look}
                after={after.look}
                divider={way === "EDGE" ? divider : null}
                {...{ veiled, eye, size }}
              />
              <StrokeLayer
                hand={now}
                strokes={veiled && piece.cutOut.kind === "marks" ? piece.cutOut.strokes : []}
                width={width}
                scale={scale}
                toPicture={(point) => toPicture(eye, size, point)}
                toArea={(point) => toArea(eye, size, point)}
                onStroke={addStroke}
                onPick={(point) => void pick(point)}
                onMove={(right, down) =>
                  setMoved({ ...pulled(eye, right, down), scale: free.scale })
                }
                onZoom={(factor, point) => {
                  // At the edge it is always as near.
                  if (way !== "EDGE") setMoved(nearer(free, picture, size, factor, point));
                }}
              />
            </div>
            <TableFoot
              {...{ marking, width, scale }}
              hand={now}
              onHand={setHand}
              onWidth={setWidth}
              divider={way === "EDGE" ? divider : null}
              onDivider={setDivider}
              onWhole={() => setMoved(null)}
              onActual={() => setMoved({ ...free, scale: 1 })}
            />
          </div>
          <div className="w-72 shrink-0 overflow-y-auto">
            {(after.problem || before.problem) && (
              <Notice>{after.problem || before.problem}</Notice>
            )}
            <CutOutSection
              piece={piece}
              picture={picture}
              strokeWidth={width}
              onChange={onChange}
            />
            {after.look && piece.cutOut.kind !== "none" && (
              <p role="status" className="px-3 text-sm" data-testid="ground-left">
                {(after.look.groundLeft * 100).toFixed(1)} % of the old ground’s colour is left in
                the edge.
              </p>
            )}
          </div>
        </div>
      </div>
    </dialog>
  );
}
