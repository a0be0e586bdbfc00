import { ChevronLeft, ChevronRight } from "lucide-react";
import { useState } from "react";
import type { Overlay } from "../api/client";
import { AddBackdrop } from "../backdrops/AddBackdrop";
import { type Backdrop, clipName } from "../backdrops/Backdrop";
import { TakeStillAway } from "../backdrops/TakeStillAway";
import { useBackdrops, useChosenBackdrop, useStills } from "../backdrops/useBackdrops";
import { displayWidth } from "../document/geometry";
import { useDrawing } from "../stage/useDrawing";
import { Choice } from "../ui/Choice";
import { useSize } from "../ui/useSize";
import { Over, SHOWN, type Shown } from "./Over";
import { ProofBar, type View } from "./ProofBar";

interface Props {
  overlay: Overlay;
  packageId: number;
  view: View;
  onView: (view: View) => void;
}

/** The overlay over all backdrops at once. */
export function Wall({ overlay, packageId, view, onView }: Props) {
  const { backdrops, chosen } = useBackdrops(packageId);
  const choose = useChosenBackdrop((state) => state.choose);
  const [shown, setShown] = useState<Shown>("overlay");
  const [area, size] = useSize<HTMLDivElement>();
  const width = displayWidth(overlay.frame);
  const shape = width / overlay.frame.height;
  const { columns, tileWidth } = bestWall(backdrops.length, shape, size);
  const zoom = Math.min(tileWidth / width, 1);
  const sharp = Math.min(1, Math.round(zoom * window.devicePixelRatio * 1000) / 1000);
  const { drawn } = useDrawing(packageId, overlay, size.width > 0 ? sharp : 0.25);
  return (
    <>
      <ProofBar view={view} onView={onView}>
        <span className="ml-auto text-sm">
          Shown: <Choice label="What is shown" value={shown} options={SHOWN} onChange={setShown} />
        </span>
        <AddBackdrop packageId={packageId} />
      </ProofBar>
      <div ref={area} className="min-h-0 flex-1 overflow-auto p-3">
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
                  onView("One backdrop");
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
      </div>
    </>
  );
}

const GAP = 12;
const CAPTION = 30;

/** Where there is less room, tiles are as wide as what stands beneath them, and are scrolled to. */
const NARROW = 600;
const LEAST_TILE = 200;

/** The columns that show all tiles at once as large as they can be. */
function bestWall(count: number, shape: number, size: { width: number; height: number }) {
  if (size.width > 0 && size.width < NARROW) {
    const columns = Math.max(1, Math.floor((size.width + GAP) / (LEAST_TILE + GAP)));
    return { columns, tileWidth: Math.floor((size.width - GAP * (columns - 1)) / columns) };
  }
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

function Caption({ backdrop, packageId }: { backdrop: Backdrop; packageId: number }) {
  const stills = useStills(packageId);
  const { position, step } = useChosenBackdrop();
  const clip = stills.find((still) => clipName(still.clip) === backdrop.name)?.clip;
  const count = stills.filter((still) => still.clip === clip).length;
  return (
    <div className="flex h-7 items-center text-xs">
      <span className="truncate">{backdrop.name}</span>
      <span className="flex-1" />
      {clip !== undefined && count > 1 && (
        <span className="flex shrink-0 items-center">
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
      {backdrop.kind === "still" && (
        <TakeStillAway packageId={packageId} still={backdrop.id} backdrop={backdrop.name} />
      )}
    </div>
  );
}
