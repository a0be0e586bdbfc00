/** At what size one backdrop is looked at. */
export const SEEN = [
  ["fit", "as large as fits"],
  ["actual", "pixel for pixel"],
  ["phone", "on a phone, 390 px"],
  ["mark", "as a mark, 150 px"],
  ["television", "on a TV across the room"],
] as const;

export type Seen = (typeof SEEN)[number][0];

/** A room: how large the screen is, how far away, and how far the eye is from this one. */
export interface Room {
  /** Diagonal of the screen, in inches. */
  inches: number;
  metres: number;
  /** From the eye to the screen that is looked at now, in centimetres. */
  nearCentimetres: number;
}

export const LIVING_ROOM: Room = { inches: 55, metres: 3, nearCentimetres: 60 };

const CENTIMETRES_PER_INCH = 2.54;
/** By definition of the CSS pixel. */
const PIXELS_PER_CENTIMETRE = 96 / CENTIMETRES_PER_INCH;

/** Width and height of a 16:9 screen as shares of its diagonal. */
const ACROSS = 16 / Math.hypot(16, 9);
const DOWN = 9 / Math.hypot(16, 9);

/** CSS pixels for one display unit, so that the overlay is seen under the same angle as there. */
function televisionZoom(room: Room, width: number, height: number): number {
  const diagonal = room.inches * CENTIMETRES_PER_INCH;
  const nearer = room.nearCentimetres / (100 * room.metres);
  const there = Math.min((diagonal * ACROSS) / width, (diagonal * DOWN) / height);
  return there * nearer * PIXELS_PER_CENTIMETRE;
}

/**
 * CSS pixels for one display unit.
 *
 * @param fit those that fill the place there is
 */
export function zoomOf(seen: Seen, fit: number, width: number, height: number, room: Room): number {
  switch (seen) {
    case "fit":
      return Math.max(0.02, fit);
    case "actual":
      return 1 / window.devicePixelRatio;
    case "phone":
      return 390 / width;
    case "mark":
      return 150 / Math.min(width, height);
    case "television":
      return televisionZoom(room, width, height);
  }
}
