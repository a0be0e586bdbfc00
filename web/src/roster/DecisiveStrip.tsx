import type { DesignAsking, SavedRoster } from "../api/client";
import { type Backdrop, BackdropLayer } from "../backdrops/Backdrop";
import { useRowInHand } from "./rowInHand";
import { rowPicture } from "./rowPicture";
import { useExtremes, useRosterRows } from "./useRosters";

interface Props {
  saved: SavedRoster;
  design: DesignAsking;
  backdrop: Backdrop;
}

/** At which frame width the small pictures are drawn, in pixels. */
const FRAME_WIDTH = 640;

/** Small pictures of the rows that decide whether the design is right, over the chosen backdrop. */
export function DecisiveStrip({ saved, design, backdrop }: Props) {
  const { rows: inHand, take } = useRowInHand();
  const look = saved.asking.map((one) => `${one.overlayId}.${one.revision}`).join();
  const extremes = useExtremes(saved.id, look).data ?? [];
  const rows = useRosterRows(saved.id).data ?? [];
  const places = new Map(rows.map((row, i) => [row.id, i]));
  const why = new Map<number, string[]>();
  for (const one of extremes) why.set(one.row, [...(why.get(one.row) ?? []), one.why]);
  return (
    <div
      role="radiogroup"
      aria-label="Rows that decide"
      className="flex min-w-0 flex-1 gap-2 overflow-x-auto px-3 py-2"
    >
      {[...why].map(([id, reasons]) => {
        const place = places.get(id);
        const row = place === undefined ? undefined : rows[place];
        if (!row || place === undefined) return null;
        const on = inHand[saved.id] === id;
        return (
          <button
            key={id}
            type="button"
            role="radio"
            aria-checked={on}
            title={`Row ${place + 1}: ${reasons.join(", ")}`}
            onClick={() => take(saved.id, on ? 0 : id)}
            className={`flex shrink-0 flex-col gap-1 rounded p-0.5 text-[11px] ${on ? "text-primary" : ""}`}
          >
            <span
              className={`relative block h-[52px] w-36 overflow-hidden rounded-sm ${on ? "ring-2 ring-primary" : "ring-1 ring-base-300"}`}
            >
              <BackdropLayer backdrop={backdrop} />
              <img
                src={rowPicture(saved, design, row, FRAME_WIDTH, true)}
                alt=""
                className="absolute inset-0 h-full w-full object-contain p-1"
              />
            </span>
            <span className="max-w-36 truncate px-0.5 text-left">
              <span className="opacity-60">{place + 1}</span> {reasons.join(", ")}
            </span>
          </button>
        );
      })}
    </div>
  );
}
