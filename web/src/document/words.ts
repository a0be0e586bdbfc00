import type { Range } from "./runs";

const WORD = /[\p{L}\p{N}\p{M}'’-]+/gu;

/** The word around a place, or what stands there if it is none. */
export function wordAt(words: string, place: number): Range {
  for (const { 0: word, index } of words.matchAll(WORD)) {
    const end = index + word.length;
    if (index <= place && place <= end) return { start: index, end };
  }
  return { start: place, end: Math.min(words.length, place + 1) };
}
