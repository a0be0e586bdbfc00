import type { Point } from "../document/geometry";

/** Alpha below this is too faint to be taken hold of. */
const FAINT = 24;

/** The largest square of pixels that is looked at. */
const MOST = 64;

let canvas: HTMLCanvasElement | undefined;

/**
 * Whether anything of a drawn picture lies near a point.
 *
 * @param address of the picture
 * @param p from the picture's top left corner, in its pixels
 * @param reach how far from the point something may lie, in its pixels
 * @returns true too while the picture has not been loaded: then its box has to do
 */
export function drawnNear(address: string, p: Point, reach: number): boolean {
  const image = [...document.images].find((one) => one.getAttribute("src") === address);
  if (!image?.complete || image.naturalWidth === 0) return true;
  const around = Math.max(0.5, reach);
  const side = Math.min(MOST, Math.ceil(2 * around));
  canvas ??= document.createElement("canvas");
  canvas.width = canvas.height = side;
  const context = canvas.getContext("2d", { willReadFrequently: true });
  if (!context) return true;
  const wide = 2 * around;
  context.drawImage(image, p.x - around, p.y - around, wide, wide, 0, 0, side, side);
  const { data } = context.getImageData(0, 0, side, side);
  for (let i = 3; i < data.length; i += 4) {
    if ((data[i] ?? 0) > FAINT) return true;
  }
  return false;
}
