import type { Frame } from "../api/client";
import { reckon } from "../ui/reckon";
import { HD } from "./hd";

const LEAST = 16;
const MOST = 16384;
const MOST_DOTS = 10_000;

/** What stands in the fields of an own size. */
export interface TypedSize {
  width: string;
  height: string;
  unit: "pixels" | "inches";
  /** Dots per inch; of no meaning in pixels. */
  dots: string;
  /** Whether it is scrolled through a video, of so many lines; otherwise it is seen whole. */
  scrolled: boolean;
  lines: string;
}

/** The frame, or why there is none, in a sentence. */
export type OwnSize = { frame: Frame } | { problem: string };

/** A field's number, or what is wrong with it. */
function numberOf(typed: string, unit: string, what: string): { number: number } | string {
  if (typed.trim() === "") return `There is no ${what} yet.`;
  const read = reckon(typed, unit, NaN);
  return "problem" in read ? `The ${what}: ${read.problem}.` : read;
}

function pixels(typed: string, dots: number | null, side: string): number | string {
  // Nobody groups inches by thousands, so a comma there is a decimal sign.
  const read =
    dots === null ? numberOf(typed, "px", side) : numberOf(typed.replace(",", "."), "in", side);
  if (typeof read === "string") return read;
  const number = dots === null ? read.number : Math.round(read.number * dots);
  if (!Number.isInteger(number)) return `The ${side} is ${number}; give a whole number of pixels.`;
  return number < LEAST || number > MOST
    ? `The ${side} is ${number} pixels; give ${LEAST} to ${MOST}.`
    : number;
}

function whole(typed: string, what: string, least: number, most: number): number | string {
  const read = numberOf(typed, "", what);
  if (typeof read === "string") return read;
  const { number } = read;
  return Number.isInteger(number) && number >= least && number <= most
    ? number
    : `The ${what} cannot be ${number}; give a whole number from ${least} to ${most}.`;
}

/** Reads a size as it is typed: sums, units and group signs as in every other field. */
export function ownSize(typed: TypedSize, ownMargin: Frame["ownMargin"]): OwnSize {
  const inches = typed.unit === "inches";
  const dots = inches ? whole(typed.dots, "number of dots per inch", 1, MOST_DOTS) : null;
  if (typeof dots === "string") return { problem: dots };
  const width = pixels(typed.width, dots, "width");
  if (typeof width === "string") return { problem: width };
  const height = pixels(typed.height, dots, "height");
  if (typeof height === "string") return { problem: height };
  const lines = typed.scrolled
    ? whole(typed.lines, "number of the video’s lines", LEAST, height)
    : height;
  if (typeof lines === "string") return { problem: lines };
  return {
    frame: {
      width,
      height,
      pixelAspect: "1/1",
      scan: "PROGRESSIVE",
      safeAreas: { name: "Own", actionX: 4, actionY: 4, titleX: 6, titleY: 6 },
      ownMargin,
      dotsPerInch: dots ?? HD.dotsPerInch,
      videoHeight: lines,
    },
  };
}
