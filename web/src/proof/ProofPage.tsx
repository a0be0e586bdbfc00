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
import { useSize } from "../ui/useSize";
import { Checks } from "./Checks";

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
  const [actual, setActual] = useState(false);
  const [area, size] = useSize<HTMLDivElement>();
  const width = displayWidth(overlay.frame);
  const shape = width / overlay.frame.height;
  const { columns, tileWidth } = bestWall(backdrops.length, shape, size);
  const fit = Math.min((size.width - 24) / width, (size.height - 24) / overlay.frame.height);
  const tile = Math.min(tileWidth / width, 1);
  const zoom = alone ? (actual ? 1 / window.devicePixelRatio : Math.max(0.02, fit)) : tile;
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
    a: () => setActual(!actual),
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
            <button type="button" className="btn btn-xs" onClick={() => setActual(!actual)}>
              {actual ? "Fit the frame" : "Show 1:1"}
            </button>
          </>
        )}
      </div>
      <div className="flex min-h-0 flex-1">
        <div ref={area} className="min-w-0 flex-1 overflow-auto p-3">
          {alone ? (
            <div className="flex min-h-full min-w-max">
              <div className="m-auto">
                <Over
                  backdrop={chosen}
                  drawing={drawn?.drawing}
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
                    <Over backdrop={backdrop} drawing={drawn?.drawing} width="100%" shape={shape} />
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
  width: number | string;
  height?: number;
  shape?: number;
}

function Over({ backdrop, drawing, width, height, shape }: OverProps) {
  return (
    <span
      className="relative block overflow-hidden"
      style={{ width, height, aspectRatio: shape === undefined ? undefined : String(shape) }}
    >
      <BackdropLayer backdrop={backdrop} />
      {drawing && <Composite drawing={drawing} />}
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
