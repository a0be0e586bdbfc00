import type { Paint, PictureSummary } from "../api/client";
import { joined, parts } from "../ui/colours";

export const PAINTS: readonly (readonly [Paint["kind"], string])[] = [
  ["flat", "one colour"],
  ["linear", "a linear gradient"],
  ["radial", "a radial gradient"],
  ["conic", "a conic gradient"],
  ["pattern", "a pattern"],
  ["texture", "a repeating picture"],
  ["picture", "a picture"],
];

export function showsPicture(kind: Paint["kind"]): boolean {
  return kind === "texture" || kind === "picture";
}

/**
 * The kinds that there is something to fill with for; those with pictures need one.
 *
 * @param pictures how many there are, of the package and of its house
 */
export function kindsFor(paint: Paint, pictures: number): typeof PAINTS {
  return pictures > 0 || showsPicture(paint.kind)
    ? PAINTS
    : PAINTS.filter(([kind]) => !showsPicture(kind));
}

/** The colour by which a paint is known best. */
export function mainColour(paint: Paint): string | undefined {
  if (paint.kind === "flat") return paint.colour;
  if (paint.kind === "pattern") return paint.ink;
  return "stops" in paint ? paint.stops[0]?.colour : undefined;
}

/** A paint of another kind that keeps what it can of the one before. */
export function otherKind(
  paint: Paint,
  kind: Paint["kind"],
  pictures: readonly PictureSummary[],
): Paint {
  if (kind === paint.kind) return paint;
  const colour = mainColour(paint) ?? "#124b5c";
  const clear = joined({ ...parts(colour), alpha: 0 });
  const stops =
    "stops" in paint
      ? paint.stops
      : [
          { position: 0, colour },
          { position: 1, colour: paint.kind === "pattern" ? paint.ground : clear },
        ];
  const picture =
    paint.kind === "texture" || paint.kind === "picture"
      ? paint.picture
      : (pictures[0]?.name ?? "");
  const unturned = { turn: 0, right: 0, down: 0 };
  switch (kind) {
    case "flat":
      return { kind, colour };
    case "linear":
      return { kind, angle: 0, start: 0, end: 1, stops };
    case "radial":
      return { kind, x: 0.5, y: 0.5, radius: 1, stretched: false, stops };
    case "conic":
      return { kind, x: 0.5, y: 0.5, angle: -90, stops };
    case "pattern":
      return {
        kind,
        pattern: "STRIPES",
        width: 40,
        ...unturned,
        ink: colour,
        ground: stops.at(-1)?.colour ?? clear,
      };
    case "texture":
      return {
        kind,
        picture,
        width: pictures.find((other) => other.name === picture)?.width ?? 64,
        ...unturned,
      };
    case "picture":
      return { kind, picture, fit: "COVER" };
  }
}

/** The same paint running the other way; one that runs nowhere stays. */
export function turnedRound(paint: Paint): Paint {
  if (paint.kind === "pattern") return { ...paint, ink: paint.ground, ground: paint.ink };
  if (!("stops" in paint)) return paint;
  const stops = paint.stops
    .toReversed()
    .map((stop) => ({ ...stop, position: Math.round((1 - stop.position) * 1e6) / 1e6 }));
  return { ...paint, stops };
}
