import type { Drawing } from "../api/client";
import { type Backdrop, BackdropLayer } from "../backdrops/Backdrop";
import { Composite } from "../stage/Composite";

/** What is laid over the backdrops; the alpha is white where the overlay is solid. */
export const SHOWN = [
  ["overlay", "the overlay"],
  ["alpha", "its alpha alone"],
] as const;

export type Shown = (typeof SHOWN)[number][0];

const BLACK: Backdrop = { kind: "flat", name: "Black", colour: "#000000" };

interface Props {
  backdrop: Backdrop;
  drawing: Drawing | undefined;
  shown: Shown;
  width: number | string;
  height?: number;
  /** Width over height, where the height follows. */
  shape?: number;
}

/** The overlay over one backdrop. */
export function Over({ backdrop, drawing, shown, width, height, shape }: Props) {
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
