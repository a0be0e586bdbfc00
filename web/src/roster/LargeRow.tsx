import { ChevronLeft, ChevronRight } from "lucide-react";
import type { DesignAsking, Overlay, SavedRoster, SavedRow } from "../api/client";
import { useKeys } from "../ui/keys";
import { BackdropLayer } from "../backdrops/Backdrop";
import { useBackdrops, useChosenBackdrop } from "../backdrops/useBackdrops";
import { Choice } from "../ui/Choice";
import { useSize } from "../ui/useSize";
import { OwnSizes } from "./OwnSizes";
import { rowPicture } from "./rowPicture";
import { Troubles } from "./Troubles";
import type { Rows } from "./useRows";

interface Props {
  saved: SavedRoster;
  design: DesignAsking;
  overlay: Overlay;
  /** Those to go through. */
  rows: SavedRow[];
  chosen: SavedRow;
  all: Rows;
  why: string[];
  onChoose: (row: SavedRow) => void;
}

const ROOM = 24;

/** One row as large as fits, over any backdrop. */
export function LargeRow({ saved, design, overlay, rows, chosen, all, why, onChoose }: Props) {
  const { backdrops, chosen: backdrop } = useBackdrops(saved.packageId);
  const choose = useChosenBackdrop((state) => state.choose);
  const [area, size] = useSize<HTMLDivElement>();
  const at = rows.findIndex((row) => row.id === chosen.id);
  const step = (by: number) => {
    const next = rows[at + by];
    if (next) onChoose(next);
  };
  useKeys({ ArrowLeft: () => step(-1), ArrowRight: () => step(1) });
  const shape = design.width / design.height;
  const width = Math.max(
    100,
    Math.floor(Math.min(size.width - ROOM, (size.height - ROOM) * shape)),
  );
  const number = all.rows.findIndex((row) => row.id === chosen.id) + 1;
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="flex flex-wrap items-center gap-3 bg-base-100 px-4 py-2 text-sm">
        <button
          type="button"
          className="btn btn-sm btn-square"
          aria-label="The row before"
          disabled={at <= 0}
          onClick={() => step(-1)}
        >
          <ChevronLeft size={16} />
        </button>
        <span className="font-semibold">
          Row {number} of {all.rows.length}
        </span>
        <span className="opacity-75">{why.join(", ")}</span>
        <button
          type="button"
          className="btn btn-sm btn-square"
          aria-label="The row after"
          disabled={at < 0 || at >= rows.length - 1}
          onClick={() => step(1)}
        >
          <ChevronRight size={16} />
        </button>
        <span>
          over{" "}
          <Choice
            label="Backdrop"
            value={backdrop.name}
            options={backdrops.map((one) => [one.name, one.name] as const)}
            onChange={choose}
          />
        </span>
        {design.name === overlay.name && (
          <OwnSizes
            overlay={overlay}
            row={chosen}
            onChange={(row) => all.keep([row], "Change a row")}
          />
        )}
      </div>
      <Troubles troubles={all.troubles.get(chosen.id) ?? []} className="bg-base-100 px-4 pb-1" />
      <div ref={area} className="grid min-h-0 flex-1 place-items-center bg-base-200">
        <div className="relative overflow-hidden" style={{ width, height: width / shape }}>
          <BackdropLayer backdrop={backdrop} />
          <img
            src={rowPicture(saved, design, chosen, Math.min(1920, width))}
            alt={`Row ${number}: ${chosen.cells.join(", ")}`}
            className="absolute inset-0 h-full w-full"
          />
        </div>
      </div>
    </div>
  );
}
