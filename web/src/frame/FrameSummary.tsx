import type { Frame } from "../api/client";
import { displayWidth, scrolled } from "../document/geometry";
import { FrameShape } from "./FrameChooser";

/** The chosen frame large, and what it is in words. */
export function FrameSummary({ frame }: { frame: Frame }) {
  const { actionX, actionY, titleX, titleY, name } = frame.safeAreas;
  const both = (x: number, y: number) => (x === y ? `${x} %` : `${x} % × ${y} %`);
  return (
    <div className="rounded-box border border-base-300 bg-base-100 p-4">
      <div className="flex justify-center">
        <FrameShape frame={frame} box={220} />
      </div>
      <p className="mt-3 text-lg font-semibold">
        {frame.width} × {frame.height}
      </p>
      {scrolled(frame) && (
        <p className="text-sm">for a video of {frame.videoHeight} lines, scrolled through it</p>
      )}
      <p className="mt-1 text-sm leading-6">
        {frame.scan === "INTERLACED" ? "Interlaced" : "Progressive"}.{" "}
        {frame.pixelAspect === "1/1"
          ? "Square pixels."
          : `Pixels of ${frame.pixelAspect}, so it is shown as wide as ${Math.round(displayWidth(frame))} × ${frame.height} square ones.`}{" "}
        Safe areas by {name}: action {both(actionX, actionY)}, titles {both(titleX, titleY)} in from
        each side.
      </p>
    </div>
  );
}
