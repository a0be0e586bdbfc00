import { create } from "zustand";
import type { Drawing } from "../api/client";
import type { Backdrop } from "../backdrops/Backdrop";

/** Set while a colour is to be taken from the stage. */
export const useTaking = create<{ take: ((colour: string) => void) | null }>()(() => ({
  take: null,
}));

async function picture(address: string): Promise<HTMLImageElement> {
  const image = new Image();
  image.src = address;
  await image.decode();
  return image;
}

/** The colour seen at shares of the frame's width and height. */
export async function colourAt(
  drawing: Drawing,
  backdrop: Backdrop,
  x: number,
  y: number,
): Promise<string> {
  const canvas = document.createElement("canvas");
  canvas.width = canvas.height = 1;
  const context = canvas.getContext("2d");
  if (!context) return "#000000";
  context.fillStyle = backdrop.kind === "flat" ? backdrop.colour : "#808080";
  context.fillRect(0, 0, 1, 1);
  if (backdrop.kind === "still") {
    const still = await picture(`/api/stills/${backdrop.id}.jpg`);
    const [sx, sy] = [Math.floor(x * still.width), Math.floor(y * still.height)];
    context.drawImage(still, sx, sy, 1, 1, 0, 0, 1, 1);
  }
  const { composite } = drawing;
  if (composite.picture) {
    const overlay = await picture(composite.picture);
    const px = Math.floor(x * drawing.width) - composite.left;
    const py = Math.floor(y * drawing.height) - composite.top;
    context.drawImage(overlay, px, py, 1, 1, 0, 0, 1, 1);
  }
  const [r = 0, g = 0, b = 0] = context.getImageData(0, 0, 1, 1).data;
  return `#${[r, g, b].map((value) => value.toString(16).padStart(2, "0")).join("")}`;
}
