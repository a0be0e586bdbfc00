import { describe, expect, it } from "vitest";
import { wordAt } from "./words";

describe("the word at a place", () => {
  const words = "Skipper Åse’s boat";
  it.each([
    [0, "Skipper"],
    [7, "Skipper"],
    [9, "Åse’s"],
    [words.length, "boat"],
  ])("at %i is %s", (place, word) => {
    const { start, end } = wordAt(words, place);
    expect(words.slice(start, end)).toBe(word);
  });

  it("is one sign where there is no word", () => {
    expect(wordAt("a — b", 2)).toEqual({ start: 2, end: 3 });
  });
});
