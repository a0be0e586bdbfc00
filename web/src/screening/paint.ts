import { seenAt, type Marker, type Size } from "./marker";

/** A still as the core read it from the delivered file. */
export interface StillPictures {
  /** Black, with the alpha that is taken from the clip. */
  key: ImageBitmap;
  /** Opaque colours that are added after that. */
  light: ImageBitmap;
}

export type Background = HTMLVideoElement | HTMLImageElement | null;

function sizeOf(background: HTMLVideoElement | HTMLImageElement): Size {
  return background instanceof HTMLVideoElement
    ? { width: background.videoWidth, height: background.videoHeight }
    : { width: background.naturalWidth, height: background.naturalHeight };
}

/** Draws one moment of the screening. */
export function paint(
  canvas: HTMLCanvasElement,
  edit: Size,
  background: Background,
  markers: readonly Marker[],
  pictures: ReadonlyMap<string, StillPictures>,
  time: number,
): void {
  const context = canvas.getContext("2d", { alpha: false });
  if (!context) return;
  const zoom = canvas.width / edit.width;
  context.globalAlpha = 1;
  context.globalCompositeOperation = "source-over";
  context.fillStyle = "#000";
  context.fillRect(0, 0, canvas.width, canvas.height);
  if (background) {
    const size = sizeOf(background);
    if (size.width > 0) {
      const scale = Math.max(canvas.width / size.width, canvas.height / size.height);
      const width = size.width * scale;
      const height = size.height * scale;
      context.drawImage(
        background,
        (canvas.width - width) / 2,
        (canvas.height - height) / 2,
        width,
        height,
      );
    }
  }
  for (const marker of markers) {
    const seen = seenAt(marker, time, edit);
    const still = pictures.get(pictureKey(marker));
    if (!seen || !still) continue;
    const place = [seen.left, seen.top, seen.width, seen.height].map((value) => value * zoom);
    const [left = 0, top = 0, width = 0, height = 0] = place;
    context.globalAlpha = seen.opacity;
    context.globalCompositeOperation = "source-over";
    context.drawImage(still.key, left, top, width, height);
    context.globalCompositeOperation = "lighter";
    context.drawImage(still.light, left, top, width, height);
  }
}

/** What a still's pictures are kept under. */
export function pictureKey({ delivery, reading }: Marker): string {
  return `${delivery.id} ${reading}`;
}
