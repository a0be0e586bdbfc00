import { useEffect, useMemo, useRef, useState } from "react";
import {
  type CutOut,
  type CutView,
  type PicturePiece,
  type PictureSummary,
  type Stroke,
} from "../api/client";
import { BackdropLayer } from "../backdrops/Backdrop";
import { useBackdrops, useChosenBackdrop } from "../backdrops/useBackdrops";
import { useOverlay } from "../document/overlayStore";
import { Choice } from "../ui/Choice";
import { Notice } from "../ui/Notice";
import { NumberField } from "../ui/NumberField";
import { Tabs } from "../ui/Tabs";
import { useSize } from "../ui/useSize";
import { CutOutSection } from "./CutOutSection";
import { useCutting } from "./cutting";
import { StrokeLayer } from "./StrokeLayer";
import { PartPicture } from "./PartPicture";
import { partSeen } from "./part";
import { colourIn } from "./colourIn";
import { useCutLook } from "./useCutLook";

interface Props {
  piece: PicturePiece;
  picture: PictureSummary;
  onChange: (next: (piece: PicturePiece) => PicturePiece, did: string, key: string) => void;
  onClose: () => void;
}

type Way = CutView | "EDGE";

const WAYS: readonly Way[] = ["RESULT", "ALPHA", "GONE", "BEFORE", "EDGE"];

function wordsOf(way: Way, marking: boolean): string {
  switch (way) {
    case "RESULT":
      return "What is left";
    case "ALPHA":
      return "Its alpha";
    case "GONE":
      return "What is gone";
    case "BEFORE":
      return marking ? "Marks" : "As it came";
    case "EDGE":
      return "Edge, 8 : 1";
  }
}

const HANDS = [
  ["keep", "marks what to keep"],
  ["drop", "marks what to drop"],
  ["move", "moves the picture"],
] as const;

const PICKING_HANDS = [
  ["move", "moves the picture"],
  ["pick", "picks the ground"],
] as const;

type Hand = "keep" | "drop" | "move" | "pick";

const EDGE_SCALE = 8;

/** Always the same, so that what the picture was is asked for once. */
const UNCUT: CutOut = { kind: "none" };

/** Where a cut-out is looked at from close by, and made by marks of the hand. */
export function CuttingTable({ piece, picture, onChange, onClose }: Props) {
  const dialog = useRef<HTMLDialogElement>(null);
  const packageId = useOverlay((state) => state.packageId);
  const { backdrops, chosen } = useBackdrops(packageId);
  const choose = useChosenBackdrop((state) => state.choose);
  const [area, size] = useSize<HTMLDivElement>();
  const [way, setWay] = useState<Way>(piece.cutOut.kind === "marks" ? "BEFORE" : "RESULT");
  const [hand, setHand] = useState<Hand>(piece.cutOut.kind === "marks" ? "keep" : "move");
  const [width, setWidth] = useState(() =>
    Math.max(4, Math.round(Math.min(picture.width, picture.height) / 30)),
  );
  const [divider, setDivider] = useState(50);
  /** Middle of what is seen, in pixels of the picture; the scale is pixels of the screen for one. */
  const [eye, setEye] = useState<{ x: number; y: number; scale: number } | null>(null);
  useEffect(() => {
    dialog.current?.showModal();
    useCutting.setState({ open: true });
    return () => useCutting.setState({ open: false });
  }, []);

  const fit = Math.min(size.width / picture.width, size.height / picture.height) * 0.96;
  const seen = eye ?? { x: picture.width / 2, y: picture.height / 2, scale: fit };
  const scale = way === "EDGE" ? EDGE_SCALE : seen.scale;
  const marking = piece.cutOut.kind === "marks";
  const hands = marking ? HANDS : PICKING_HANDS;
  const now: Hand = hands.some(([one]) => one === hand) ? hand : "move";
  const part = useMemo(
    () => partSeen(picture, size, { x: seen.x, y: seen.y, scale }),
    [picture, size, seen.x, seen.y, scale],
  );
  // While it is marked, what goes is veiled beneath what is left.
  const veiled = marking && way === "BEFORE";
  const view: CutView = way === "EDGE" || veiled ? "RESULT" : now === "pick" ? "BEFORE" : way;
  const after = useCutLook(packageId, piece.picture, piece.cutOut, view, part);
  const before = useCutLook(
    packageId,
    piece.picture,
    UNCUT,
    "BEFORE",
    way === "EDGE" || veiled ? part : null,
  );
  const toPicture = (point: { x: number; y: number }) => ({
    x: seen.x + (point.x - size.width / 2) / scale,
    y: seen.y + (point.y - size.height / 2) / scale,
  });
  const zoomAt = (factor: number, at: { x: number; y: number }) => {
    const fixed = toPicture(at);
    const next = Math.min(32, Math.max(fit / 2, seen.scale * factor));
    setEye({
      x: fixed.x - (at.x - size.width / 2) / next,
      y: fixed.y - (at.y - size.height / 2) / next,
      scale: next,
    });
  };
  const addStroke = (stroke: Stroke) =>
    onChange(
      (same) =>
        same.cutOut.kind === "marks"
          ? { ...same, cutOut: { ...same.cutOut, strokes: [...same.cutOut.strokes, stroke] } }
          : same,
      stroke.keep ? "Mark what to keep" : "Mark what to drop",
      "",
    );
  const pick = async (at: { x: number; y: number }) => {
    const colour = await colourIn(packageId, picture, at);
    onChange(
      (same) =>
        same.cutOut.kind === "colour"
          ? { ...same, cutOut: { ...same.cutOut, ground: { kind: "colour", colour } } }
          : same,
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
              <BackdropLayer backdrop={chosen} />
              {veiled && before.look && (
                <div className="absolute inset-0 bg-[#2b2b2b]">
                  <div className="absolute inset-0 opacity-45 grayscale">
                    <PartPicture look={before.look} seen={seen} size={size} scale={scale} />
                  </div>
                </div>
              )}
              {after.look && (
                <PartPicture look={after.look} seen={seen} size={size} scale={scale} />
              )}
              {way === "EDGE" && before.look && (
                <div
                  className="absolute inset-0"
                  style={{ clipPath: `inset(0 ${100 - divider}% 0 0)` }}
                >
                  <PartPicture look={before.look} seen={seen} size={size} scale={scale} />
                </div>
              )}
              {way === "EDGE" && (
                <div
                  aria-hidden
                  className="absolute inset-y-0 w-0.5 bg-primary"
                  style={{ left: `${divider}%` }}
                />
              )}
              <StrokeLayer
                hand={now}
                strokes={veiled && piece.cutOut.kind === "marks" ? piece.cutOut.strokes : []}
                width={width}
                scale={scale}
                toPicture={toPicture}
                toArea={(point) => ({
                  x: (point.x - seen.x) * scale + size.width / 2,
                  y: (point.y - seen.y) * scale + size.height / 2,
                })}
                onStroke={addStroke}
                onPick={(point) => void pick(point)}
                onMove={(right, down) =>
                  setEye({ x: seen.x - right / scale, y: seen.y - down / scale, scale: seen.scale })
                }
                onZoom={zoomAt}
              />
            </div>
            <div className="flex flex-wrap items-center gap-x-3 text-sm">
              <span>
                The hand{" "}
                <Choice label="What the hand does" value={now} options={hands} onChange={setHand} />
                {marking && (
                  <>
                    {" "}
                    <NumberField
                      label="Width of the strokes"
                      value={width}
                      least={1}
                      most={2000}
                      digits={0}
                      unit=" px wide"
                      onChange={setWidth}
                    />
                  </>
                )}
                .
              </span>
              {way === "EDGE" && (
                <label className="flex items-center gap-2">
                  Before, after
                  <input
                    type="range"
                    className="range range-xs w-28"
                    min={0}
                    max={100}
                    value={divider}
                    onChange={(event) => setDivider(Number(event.target.value))}
                  />
                </label>
              )}
              <span className="flex-1" />
              <span>
                Over{" "}
                <Choice
                  label="Backdrop of the table"
                  value={chosen.name}
                  options={backdrops.map((one) => [one.name, one.name] as const)}
                  onChange={choose}
                />
              </span>
              <span className="flex items-center gap-1">
                {Math.round(scale * 100)} %
                <button type="button" className="btn btn-xs" onClick={() => setEye(null)}>
                  Whole picture
                </button>
                <button
                  type="button"
                  className="btn btn-xs"
                  onClick={() => setEye({ ...seen, scale: 1 })}
                >
                  1 : 1
                </button>
              </span>
            </div>
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
