import { type Backdrop, BackdropLayer } from "../backdrops/Backdrop";
import type { Eye, Size } from "./eye";
import { PartPicture } from "./PartPicture";
import type { CutPicture } from "./useCutPicture";

interface Props {
  backdrop: Backdrop;
  before: CutPicture | null;
  after: CutPicture | null;
  /** Whether what goes lies veiled beneath what is left. */
  veiled: boolean;
  /** How much of the room, in percent from the left, shows what was before; nothing for none. */
  divider: number | null;
  eye: Eye;
  size: Size;
}

/** What is seen of a cut-out: what is left over a backdrop, and what was before. */
export function CutLayers({ backdrop, before, after, veiled, divider, eye, size }: Props) {
  const lying = { seen: eye, size, scale: eye.scale };
  return (
    <>
      <BackdropLayer backdrop={backdrop} />
      {veiled && before && (
        <div className="absolute inset-0 bg-[#2b2b2b]">
          <div className="absolute inset-0 opacity-45 grayscale">
            <PartPicture look={before} {...lying} />
          </div>
        </div>
      )}
      {after && <PartPicture look={after} {...lying} />}
      {divider !== null && before && (
        <div className="absolute inset-0" style={{ clipPath: `inset(0 ${100 - divider}% 0 0)` }}>
          <PartPicture look={before} {...lying} />
        </div>
      )}
      {divider !== null && (
        <div
          aria-hidden
          className="absolute inset-y-0 w-0.5 bg-primary"
          style={{ left: `${divider}%` }}
        />
      )}
    </>
  );
}
