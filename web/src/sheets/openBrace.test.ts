import { describe, expect, it } from "vitest";
import { completed, meant, openBrace } from "./openBrace";

describe("a column's name typed in braces", () => {
  it("is open from its brace to the caret", () => {
    expect(openBrace("Hail {na", 8)).toEqual({ from: 6, typed: "na" });
    expect(openBrace("Hail {", 6)).toEqual({ from: 6, typed: "" });
    expect(openBrace("Hail {name} of {bo", 18)).toEqual({ from: 16, typed: "bo" });
  });

  it("is none beside braces, behind them, and in doubled ones", () => {
    expect(openBrace("Hail", 4)).toBeUndefined();
    expect(openBrace("{name} and", 10)).toBeUndefined();
    expect(openBrace("a {{brace", 9)).toBeUndefined();
    expect(openBrace("a {\nna", 6)).toBeUndefined();
    expect(openBrace("a {{{na", 7)).toEqual({ from: 5, typed: "na" });
  });

  it("means the columns that begin so, then those that have it", () => {
    expect(meant(["boat name", "Name", "club"], "na")).toEqual(["Name", "boat name"]);
    expect(meant(["boat", "club"], "")).toEqual(["boat", "club"]);
    expect(meant(["boat"], "x")).toEqual([]);
  });

  it("is completed with its brace, once", () => {
    const open = { from: 6, typed: "na" };
    expect(completed("Hail {na, hail", 8, open, "name")).toEqual({
      words: "Hail {name}, hail",
      caret: 11,
    });
    expect(completed("Hail {nape} you", 8, open, "name")).toEqual({
      words: "Hail {name} you",
      caret: 11,
    });
  });
});
