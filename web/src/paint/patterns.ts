import type { Paint } from "../api/client";

type Pattern = Extract<Paint, { kind: "pattern" }>["pattern"];

interface Words {
  name: string;
  /** By which it is also found. */
  words: string;
}

/** What each pattern is called. */
export const PATTERNS: Record<Pattern, Words> = {
  STRIPES: { name: "Stripes", words: "lines bars awning" },
  PINSTRIPES: { name: "Fine lines", words: "stripes pinstripes" },
  CHECKS: { name: "Checks", words: "squares chessboard finish flag" },
  GRID: { name: "Grid", words: "lines squares paper net" },
  DOTS: { name: "Dots", words: "points spots" },
  RINGS: { name: "Rings", words: "circles" },
  SCALES: { name: "Scales", words: "fish shells roof" },
  ZIGZAG: { name: "Zigzag", words: "lines teeth" },
  WAVES: { name: "Waves", words: "water sea lines" },
  PLAIT: { name: "Plait", words: "basket woven mat" },
  BRICKS: { name: "Bricks", words: "wall" },
  HONEYCOMB: { name: "Honeycomb", words: "hexagons net" },
  STARS: { name: "Stars", words: "night" },
  GRAIN: { name: "Grain", words: "noise film sand texture" },
  CLOUDS: { name: "Clouds", words: "marble paper noise texture" },
  BRUSHED: { name: "Brushed metal", words: "steel noise texture" },
  CLOTH: { name: "Cloth", words: "canvas sail woven texture" },
};

export const pictureOf = (pattern: string) => `/api/patterns/${pattern}/picture`;
