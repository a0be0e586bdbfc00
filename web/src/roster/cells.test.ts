import { describe, expect, it } from "vitest";
import { block, forClipboard, moved } from "./cells";

describe("moving from cell to cell", () => {
  const at = { row: 1, column: 1 };
  it("stays within the table", () => {
    expect(moved({ row: 0, column: 0 }, "ArrowUp", false, 3, 2)).toEqual({ row: 0, column: 0 });
    expect(moved({ row: 2, column: 1 }, "ArrowDown", false, 3, 2)).toEqual({ row: 2, column: 1 });
  });
  it("goes on in the next row with Tab", () => {
    expect(moved(at, "Tab", false, 3, 2)).toEqual({ row: 2, column: 0 });
    expect(moved({ row: 2, column: 0 }, "Tab", true, 3, 2)).toEqual(at);
    expect(moved({ row: 2, column: 1 }, "Tab", false, 3, 2)).toEqual({ row: 2, column: 1 });
  });
  it("goes to the ends of a row", () => {
    expect(moved(at, "Home", false, 3, 2)).toEqual({ row: 1, column: 0 });
    expect(moved({ row: 1, column: 0 }, "End", false, 3, 2)).toEqual(at);
  });
});

describe("cells on the clipboard", () => {
  it("are divided by tabs and lines", () => {
    expect(block("a\tb\r\nc\t\r\n")).toEqual([
      ["a", "b"],
      ["c", ""],
    ]);
  });
  it("hold line breaks and quotation marks in quotation marks", () => {
    expect(block('"a\nb"\t"say ""x"""\n6" nail')).toEqual([["a\nb", 'say "x"'], ['6" nail']]);
  });
  it("come back as they went", () => {
    for (const text of ["plain", 'say "x"', "two\nlines", "a\tb", ""]) {
      expect(block(forClipboard(text))).toEqual([[text]]);
    }
  });
});
