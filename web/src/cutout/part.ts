import type { Eye, Size } from "./eye";
import type { Part } from "./useCutPicture";

/** The part of the picture that is in sight, in whole pixels; nothing before there is room. */
export function partSeen(picture: Size, size: Size, eye: Eye): Part | null {
  if (size.width === 0 || size.height === 0 || !(eye.scale > 0)) return null;
  const across = size.width / eye.scale;
  const down = size.height / eye.scale;
  const left = Math.max(0, Math.floor(eye.x - across / 2));
  const top = Math.max(0, Math.floor(eye.y - down / 2));
  const width = Math.min(picture.width, Math.ceil(eye.x + across / 2)) - left;
  const height = Math.min(picture.height, Math.ceil(eye.y + down / 2)) - top;
  return width < 1 || height < 1 ? null : { left, top, width, height, scale: eye.scale };
}
