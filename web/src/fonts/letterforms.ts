import type { FontFamily, TextPiece } from "../api/client";

export type Letterforms = TextPiece["setting"]["letterforms"];

/** Other forms of letters that a text can choose, by their tags, where their font says no name. */
const NAMES: Readonly<Record<string, string>> = {
  salt: "stylistic alternates",
  swsh: "swashes",
  titl: "titling forms",
  case: "forms beside capitals",
  zero: "slashed zero",
};

const SET = /^ss(0[1-9]|1\d|20)$/;

/** What an alternate is called. */
export function nameOfAlternate(tag: string, said: string): string {
  if (said) return said;
  const set = SET.exec(tag)?.[1];
  return set ? `stylistic set ${Number(set)}` : (NAMES[tag] ?? tag);
}

export interface Alternate {
  tag: string;
  name: string;
  /** Whether a font of the text has it. */
  here: boolean;
}

/** The alternates that the fonts of a text have, and those that are chosen. */
export function alternatesOf(families: readonly FontFamily[], chosen: readonly string[]) {
  const found = new Map<string, Alternate>();
  for (const family of families) {
    for (const { tag, name } of family.features) {
      if (!SET.test(tag) && !(tag in NAMES)) continue;
      const known = found.get(tag);
      if (!known || (name && known.name === nameOfAlternate(tag, ""))) {
        found.set(tag, { tag, name: nameOfAlternate(tag, name), here: true });
      }
    }
  }
  for (const tag of chosen) {
    if (!found.has(tag)) found.set(tag, { tag, name: nameOfAlternate(tag, ""), here: false });
  }
  return [...found.values()].sort((one, other) => one.tag.localeCompare(other.tag, "en"));
}

/** Whether a font of a text has a feature. */
export function has(families: readonly FontFamily[], tag: string): boolean {
  return families.some(({ features }) => features.some((one) => one.tag === tag));
}
