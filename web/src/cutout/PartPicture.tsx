import type { CutPicture } from "./useCutPicture";

/** A look at a part of the picture, where that part lies on the table. */
export function PartPicture(props: {
  look: CutPicture;
  seen: { x: number; y: number };
  size: { width: number; height: number };
  scale: number;
}) {
  const { look, seen, size, scale } = props;
  const { part } = look;
  return (
    <img
      src={look.picture}
      alt=""
      data-testid="cut-look"
      draggable={false}
      className="absolute max-w-none"
      style={{
        left: (part.left - seen.x) * scale + size.width / 2,
        top: (part.top - seen.y) * scale + size.height / 2,
        width: part.width * scale,
        height: part.height * scale,
        imageRendering: scale > 1 ? "pixelated" : "auto",
      }}
    />
  );
}
