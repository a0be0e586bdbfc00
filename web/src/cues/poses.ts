import type { Cue, KnownCues, PlacedCue, Pose } from "../api/client";

/** How a still is seen on one picture: how solid, and where, in pixels of the clip. */
export interface Seen {
  opacity: number;
  left: number;
  top: number;
  width: number;
  height: number;
}

const AT_REST: Pose = { opacity: 1, across: 0, down: 0, scale: 1 };

interface Size {
  width: number;
  height: number;
}

/**
 * Where a cue's still is on a picture, by the poses that the core worked out; nothing before it
 * comes and after it has gone.
 */
export function seenAt(
  cue: Cue,
  place: PlacedCue,
  moves: KnownCues["moves"],
  picture: number,
  clip: Size,
): Seen | null {
  const at = picture - cue.from;
  const left = cue.length - 1 - at;
  if (at < 0 || left < 0) return null;
  const come = moves[place.coming]?.[at] ?? AT_REST;
  const go = moves[place.going]?.[left] ?? AT_REST;
  const scale = come.scale * go.scale;
  const top = place.up > 0 ? clip.height - place.up * at : place.top;
  return {
    opacity: come.opacity * go.opacity,
    left: place.left + (come.across + go.across) * clip.width + (place.width * (1 - scale)) / 2,
    top: top + (come.down + go.down) * clip.height + (place.height * (1 - scale)) / 2,
    width: place.width * scale,
    height: place.height * scale,
  };
}
