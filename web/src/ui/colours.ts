import { converter, formatHex, parse } from "culori";

const toRgb = converter("rgb");
const toHsl = converter("hsl");
const toOklch = converter("oklch");

export interface Parts {
  /** "#rrggbb" */
  solid: string;
  /** 0–1 */
  alpha: number;
  /** The colour of the house that it follows; empty for one that follows none. */
  name: string;
}

/** "#rrggbb" or "#rrggbbaa", each also with the name of a house's colour behind, taken apart. */
export function parts(colour: string): Parts {
  const space = colour.indexOf(" ");
  const hex = space < 0 ? colour : colour.slice(0, space);
  return {
    solid: hex.slice(0, 7),
    alpha: hex.length === 9 ? parseInt(hex.slice(7), 16) / 255 : 1,
    name: space < 0 ? "" : colour.slice(space + 1),
  };
}

export function joined({ solid, alpha, name }: Parts): string {
  const whole = Math.round(alpha * 255);
  const hex = whole === 255 ? solid : solid + whole.toString(16).padStart(2, "0");
  return name === "" ? hex : `${hex} ${name}`;
}

/** A colour as style sheets write it. */
export function css(colour: string): string {
  return joined({ ...parts(colour), name: "" });
}

/**
 * A colour as it may be typed: hex with or without its sign, or rgb(), hsl() or oklch() as CSS
 * writes them, also without the word before three plain numbers when it is clear which is meant.
 */
export function readColour(typed: string, form: Form = "hex"): Parts | null {
  const text = typed.trim().toLowerCase();
  if (text === "") return null;
  const bare = /^[-+\d.%°,\s/]+$/.test(text) && form !== "hex" ? `${form}(${text})` : text;
  const read = parse(bare.replaceAll("°", "")) ?? parse(`#${text}`);
  const rgb = read && toRgb(read);
  if (!rgb) return null;
  // What no screen of sRGB can show is brought to the nearest it can.
  const limited = {
    mode: "rgb" as const,
    r: Math.min(1, Math.max(0, rgb.r)),
    g: Math.min(1, Math.max(0, rgb.g)),
    b: Math.min(1, Math.max(0, rgb.b)),
  };
  return { solid: formatHex(limited), alpha: rgb.alpha ?? 1, name: "" };
}

export type Form = "hex" | "rgb" | "hsl" | "oklch";

const round = (value: number | undefined, digits: number) =>
  String(Number((value ?? 0).toFixed(digits)));

/** The numbers of a solid colour in one of the forms it can be typed in. */
export function written(solid: string, form: Form): string {
  const colour = parse(solid);
  if (!colour || form === "hex") return solid;
  if (form === "rgb") {
    const { r, g, b } = toRgb(colour);
    return [r, g, b].map((value) => round(value * 255, 0)).join(" ");
  }
  if (form === "hsl") {
    const { h, s, l } = toHsl(colour);
    return `${round(h, 0)} ${round(s * 100, 0)}% ${round(l * 100, 0)}%`;
  }
  const { l, c, h } = toOklch(colour);
  return `${round(l, 3)} ${round(c, 3)} ${round(h, 1)}`;
}
