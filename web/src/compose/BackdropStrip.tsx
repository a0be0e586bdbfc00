import { memo } from "react";
import type { Drawing } from "../api/client";
import { Composite } from "../stage/Composite";
import { type Backdrop, BackdropLayer } from "../backdrops/Backdrop";
import { useChosenBackdrop } from "../backdrops/useBackdrops";

interface Props {
  backdrops: Backdrop[];
  chosen: Backdrop;
  drawing: Drawing | undefined;
  /** Width over height as shown. */
  shape: number;
}

/** Small live pictures of the overlay over each backdrop. */
export const BackdropStrip = memo(function BackdropStrip(props: Props) {
  const { backdrops, chosen, drawing, shape } = props;
  const choose = useChosenBackdrop((state) => state.choose);
  return (
    <div
      role="radiogroup"
      aria-label="Backdrop"
      className="flex min-w-0 flex-1 gap-2 overflow-x-auto px-3 py-2"
    >
      {backdrops.map((backdrop, i) => {
        const on = backdrop.name === chosen.name;
        return (
          <button
            key={backdrop.name}
            type="button"
            role="radio"
            aria-checked={on}
            title={`${backdrop.name} (${i + 1})`}
            onClick={() => choose(backdrop.name)}
            className={`flex shrink-0 flex-col gap-1 rounded p-0.5 text-[11px] ${on ? "text-primary" : ""}`}
          >
            <span
              className={`relative block h-[52px] overflow-hidden rounded-sm ${on ? "ring-2 ring-primary" : "ring-1 ring-base-300"}`}
              style={{ width: Math.min(92, 52 * shape) }}
            >
              <BackdropLayer backdrop={backdrop} />
              {drawing && <Composite drawing={drawing} />}
            </span>
            <span className="px-0.5 text-left">
              <span className="opacity-60">{i + 1}</span> {backdrop.name}
            </span>
          </button>
        );
      })}
    </div>
  );
});
