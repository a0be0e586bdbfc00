import type { Corner, House, Marking, Measure, OtherDress } from "../api/client";

type Pin = Extract<Corner, { kind: "at" }>["pin"];

/** The four corners, those first that a mark is expected in. */
export const CORNERS: readonly Pin[] = ["BOTTOM_RIGHT", "BOTTOM_LEFT", "TOP_RIGHT", "TOP_LEFT"];

export const PIN_WORDS: Record<Pin, string> = {
  BOTTOM_RIGHT: "bottom right",
  BOTTOM_LEFT: "bottom left",
  TOP_RIGHT: "top right",
  TOP_LEFT: "top left",
  TOP: "top",
  BOTTOM: "bottom",
  LEFT: "left",
  RIGHT: "right",
  CENTRE: "centre",
};

/** What a corner is called in the sentence: a pin, or the quietest of all or of the lower two. */
export type CornerWord = Pin | "quietest" | "quietest below";

export function wordOf(corner: Corner): CornerWord {
  if (corner.kind === "at") return corner.pin;
  return corner.allowed.length > 2 ? "quietest" : "quietest below";
}

export function cornerOf(word: CornerWord): Corner {
  if (word === "quietest") return { kind: "quietest", allowed: [...CORNERS] };
  if (word === "quietest below") {
    return { kind: "quietest", allowed: ["BOTTOM_RIGHT", "BOTTOM_LEFT"] };
  }
  return { kind: "at", pin: word };
}

/** What a mark's other dress can be, each with its words in the sentence. */
export function otherDresses(
  house: Pick<House, "colours" | "finishSets">,
  others: readonly { id: number; overlay: { name: string } }[],
): (readonly [OtherDress, string])[] {
  const dressed = house.colours.some(({ light, dark }) => light !== dark);
  return [
    [{ kind: "exchanged" }, "with light and dark exchanged"],
    ...(dressed ? [[{ kind: "house" }, "in the other dress of the house"] as const] : []),
    ...house.finishSets.map(
      ({ name }) => [{ kind: "finishes", set: name }, `with the finishes “${name}”`] as const,
    ),
    ...others.map(({ id, overlay }) => [{ kind: "overlay", overlay: id }, overlay.name] as const),
  ];
}

/** A length as a number within the sentence: a share in per cent, or pixels. */
export function numberOf(measure: Measure): number {
  return measure.kind === "share" ? measure.share * 100 : measure.pixels;
}

export function withNumber(measure: Measure, number: number): Measure {
  return measure.kind === "share"
    ? { kind: "share", share: number / 100 }
    : { kind: "pixels", pixels: number };
}

/** The first values in the other unit. */
export function inUnit(kind: Measure["kind"], share: number, pixels: number): Measure {
  return kind === "share" ? { kind, share } : { kind, pixels };
}

/** Whether several photographs are marked alike; then how. */
export function shared(markings: readonly Marking[]): Marking | undefined {
  const [first] = markings;
  return first && markings.every((one) => JSON.stringify(one) === JSON.stringify(first))
    ? first
    : undefined;
}

/** A contrast to one, never told better than it is. */
export function ratio(contrast: number): string {
  return (Math.floor(contrast * 10) / 10).toFixed(1);
}
