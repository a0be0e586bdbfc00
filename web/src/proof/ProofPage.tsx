import { ChevronLeft, ChevronRight } from "lucide-react";
import { useState } from "react";
import type { Drawing, Overlay } from "../api/client";
import { useKeys } from "../app/keys";
import { type Backdrop, BackdropLayer, clipName } from "../backdrops/Backdrop";
import { useBackdrops, useChosenBackdrop, useStills } from "../backdrops/useBackdrops";
import { useOverlay } from "../document/overlayStore";
import { displayWidth } from "../stage/geometry";
import { Composite } from "../stage/Composite";
import { useDrawing } from "../stage/useDrawing";
import { Choice } from "../ui/Choice";
import { useSize } from "../ui/useSize";
import { Checks } from "./Checks";

/** At what size one backdrop is looked at. */
const SEEN = [
  ["fit", "as large as fits"],
  ["actual", "pixel for pixel"],
  ["phone", "on a phone, 390 px"],
  ["mark", "as a mark, 150 px"],
] as const;

/** What is laid over the backdrops; the alpha is white where the overlay is solid. */
const SHOWN = [
  ["overlay", "the overlay"],
  ["alpha", "its alpha alone"],
] as const;

type Seen = (typeof SEEN)[number][0];
type Shown = (typeof SHOWN)[number][0];

const BLACK: Backdrop = { kind: "flat", name: "Black", colour: "#000000" };

/** CSS pixels for one display unit. */
function zoomOf(seen: Seen, fit: number, width: number, height: number): number {
  switch (seen) {
    case "fit":
      return Math.max(0.02, fit);
    case "actual":
      return 1 / window.devicePixelRatio;
    case "phone":
      return 390 / width;
    case "mark":
      return 150 / Math.min(width, height);
  }
}

/** The overlay over all it may meet, at once or one at a time. */
export function ProofPage() {
  const overlay = useOverlay((state) => state.overlay);
  const packageId = useOverlay((state) => state.packageId);
  if (!overlay) return null;
  return <Wall overlay={overlay} packageId={packageId} />;
}

function Wall({ overlay, packageId }: { overlay: Overlay; packageId: number }) {
  const { backdrops, chosen } = useBackdrops(packageId);
  const choose = useChosenBackdrop((state) => state.choose);
  const [alone, setAlone] = useState(false);
  const [seen, setSeen] = useState<Seen>("fit");
  const [shown, setShown] = useState<Shown>("overlay");
  const [area, size] = useSize<HTMLDivElement>();
  const width = displayWidth(overlay.frame);
  const shape = width / overlay.frame.height;
  const { columns, tileWidth } = bestWall(backdrops.length, shape, size);
  const fit = Math.min((size.width - 24) / width, (size.height - 24) / overlay.frame.height);
  const tile = Math.min(tileWidth / width, 1);
  const zoom = alone ? zoomOf(seen, fit, width, overlay.frame.height) : tile;
  const sharp = Math.min(1, Math.round(zoom * window.devicePixelRatio * 1000) / 1000);
  const { drawn } = useDrawing(packageId, overlay, size.width > 0 ? sharp : 0.25);
  const step = (by: number) => {
    const at = backdrops.findIndex((backdrop) => backdrop.name === chosen.name);
    const next = backdrops[(at + by + backdrops.length) % backdrops.length];
    if (next) choose(next.name);
  };
  useKeys({
    Escape: () => setAlone(false),
    ArrowRight: () => step(1),
    ArrowLeft: () => step(-1),
    Enter: () => setAlone(!alone),
    a: () => setSeen(seen === "actual" ? "fit" : "actual"),
    ...Object.fromEntries(
      backdrops.map((backdrop, i) => [String(i + 1), () => choose(backdrop.name)]),
    ),
  });
  return (
    <div className="flex h-full flex-col">
      <div className="flex h-10 shrink-0 items-center gap-2 border-b border-base-300 bg-base-100 px-3">
        <div role="tablist" aria-label="View" className="join">
          {(["All backdrops", "One backdrop"] as const).map((name, i) => (
            <button
              key={name}
              type="button"
              role="tab"
              aria-selected={alone === (i === 1)}
              className={`btn btn-xs join-item ${alone === (i === 1) ? "btn-primary" : ""}`}
              onClick={() => setAlone(i === 1)}
            >
              {name}
            </button>
          ))}
        </div>
        {alone && (
          <>
            <span className="font-medium">{chosen.name}</span>
            <button
              type="button"
              className="btn btn-xs"
              onClick={() => setSeen(seen === "actual" ? "fit" : "actual")}
            >
              {seen === "actual" ? "Fit the frame" : "Show 1:1"}
            </button>
            <span className="text-sm">
              Seen <Choice label="How it is seen" value={seen} options={SEEN} onChange={setSeen} />
            </span>
          </>
        )}
        <span className="ml-auto text-sm">
          Shown: <Choice label="What is shown" value={shown} options={SHOWN} onChange={setShown} />
        </span>
      </div>
      <div className="flex min-h-0 flex-1">
        <div ref={area} className="min-w-0 flex-1 overflow-auto p-3">
          {alone ? (
            <div className="flex min-h-full min-w-max">
              <div className="m-auto" data-testid="proof-one">
                <Over
                  backdrop={chosen}
                  drawing={drawn?.drawing}
                  shown={shown}
                  width={width * zoom}
                  height={overlay.frame.height * zoom}
                />
              </div>
            </div>
          ) : (
            <ul
              className="grid justify-center gap-x-3"
              style={{ gridTemplateColumns: `repeat(${columns}, ${tileWidth}px)` }}
            >
              {backdrops.map((backdrop) => (
                <li key={backdrop.name}>
                  <button
                    type="button"
                    aria-label={`Over ${backdrop.name}: look closer`}
                    className={`block w-full ${backdrop.name === chosen.name ? "ring-2 ring-primary" : ""}`}
                    onClick={() => {
                      choose(backdrop.name);
                      setAlone(true);
                    }}
                  >
                    <Over
                      backdrop={backdrop}
                      drawing={drawn?.drawing}
                      shown={shown}
                      width="100%"
                      shape={shape}
                    />
                  </button>
                  <Caption backdrop={backdrop} packageId={packageId} />
                </li>
              ))}
            </ul>
          )}
        </div>
        <Checks overlay={overlay} packageId={packageId} />
      </div>
    </div>
  );
}

const GAP = 12;
const CAPTION = 30;

/** The columns that show all tiles at once as large as they can be. */
function bestWall(count: number, shape: number, size: { width: number; height: number }) {
  let best = { columns: 1, tileWidth: 80 };
  for (let columns = 1; columns <= count; columns++) {
    const rows = Math.ceil(count / columns);
    const byWidth = (size.width - GAP * (columns - 1)) / columns;
    const byHeight = (size.height / rows - CAPTION) * shape;
    const tileWidth = Math.floor(Math.min(byWidth, byHeight));
    if (tileWidth > best.tileWidth) best = { columns, tileWidth };
  }
  return best;
}

interface OverProps {
  backdrop: Backdrop;
  drawing: Drawing | undefined;
  shown: Shown;
  width: number | string;
  height?: number;
  shape?: number;
}

function Over({ backdrop, drawing, shown, width, height, shape }: OverProps) {
  return (
    <span
      className="relative block overflow-hidden"
      style={{ width, height, aspectRatio: shape === undefined ? undefined : String(shape) }}
    >
      <BackdropLayer backdrop={shown === "alpha" ? BLACK : backdrop} />
      {drawing && (
        <span className={`absolute inset-0 ${shown === "alpha" ? "brightness-0 invert" : ""}`}>
          <Composite drawing={drawing} />
        </span>
      )}
    </span>
  );
}

function Caption({ backdrop, packageId }: { backdrop: Backdrop; packageId: number }) {
  const stills = useStills(packageId);
  const { position, step } = useChosenBackdrop();
  const clip = stills.find((still) => clipName(still.clip) === backdrop.name)?.clip;
  const count = stills.filter((still) => still.clip === clip).length;
  return (
    <div className="flex h-7 items-center justify-between text-xs">
      <span>{backdrop.name}</span>
      {clip !== undefined && count > 1 && (
        <span className="flex items-center">
          <button
            type="button"
            className="btn btn-ghost btn-xs btn-square"
            aria-label={`${backdrop.name}: still before`}
            onClick={() => step(clip, -1, count)}
          >
            <ChevronLeft size={14} />
          </button>
          still {(position[clip] ?? 0) + 1} of {count}
          <button
            type="button"
            className="btn btn-ghost btn-xs btn-square"
            aria-label={`${backdrop.name}: still after`}
            onClick={() => step(clip, 1, count)}
          >
            <ChevronRight size={14} />
          </button>
        </span>
      )}
    </div>
  );
}
