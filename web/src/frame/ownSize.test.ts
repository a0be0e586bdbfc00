import { describe, expect, it } from "vitest";
import { HD } from "./hd";
import { ownSize, type TypedSize } from "./ownSize";

const read = (typed: Partial<TypedSize>) =>
  ownSize(
    {
      width: "1200",
      height: "300",
      unit: "pixels",
      dots: "96",
      scrolled: false,
      lines: "",
      ...typed,
    },
    HD.ownMargin,
  );
const size = (typed: Partial<TypedSize>) => {
  const own = read(typed);
  return "frame" in own ? [own.frame.width, own.frame.height, own.frame.dotsPerInch] : own.problem;
};

describe("a size of one's own", () => {
  it("reads sums, units and group signs", () => {
    expect(size({ width: "1920/2", height: "1,080 px" })).toEqual([960, 1080, 72]);
  });

  it("makes pixels of inches and keeps their number in the file", () => {
    expect(size({ unit: "inches", width: "10", height: "5,625", dots: "192" })).toEqual([
      1920, 1080, 192,
    ]);
    expect(size({ unit: "inches", width: "10 in", height: "2.5in" })).toEqual([960, 240, 96]);
  });

  it("is seen whole, or scrolled through fewer lines than it has", () => {
    const own = read({ height: "4000", scrolled: true, lines: "1080" });
    expect("frame" in own && own.frame.videoHeight).toBe(1080);
    expect(size({ scrolled: true, lines: "301" })).toBe(
      "The number of the video’s lines cannot be 301; give a whole number from 16 to 300.",
    );
  });

  it.each([
    [{ width: "" }, "There is no width yet."],
    [{ height: "abc" }, "The height: “abc” cannot be read as a number."],
    [{ width: "1920.5" }, "The width is 1920.5; give a whole number of pixels."],
    [{ width: "15" }, "The width is 15 pixels; give 16 to 16384."],
    [{ width: "50%" }, "The width: “50%” cannot be read as a number."],
    [{ width: "10 in" }, "The width: This is in px, so “in” cannot be read."],
    [
      { unit: "inches" as const, dots: "0" },
      "The number of dots per inch cannot be 0; give a whole number from 1 to 10000.",
    ],
    [{ unit: "inches" as const, dots: "" }, "There is no number of dots per inch yet."],
    [{ unit: "inches" as const, width: "9999" }, "The width is 959904 pixels; give 16 to 16384."],
  ])("says what is wrong with %o", (typed, problem) => {
    expect(size(typed)).toBe(problem);
  });
});
