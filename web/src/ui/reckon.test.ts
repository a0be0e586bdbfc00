import { describe, expect, it } from "vitest";
import { reckon } from "./reckon";

const read = (typed: string, unit = "px", now = 200) => reckon(typed, unit, now);

describe("a number's field", () => {
  it.each([
    ["12", 12],
    ["12.5", 12.5],
    ["12,5", 12.5],
    ["0,125", 0.125],
    [".5", 0.5],
    ["−3", -3],
    ["100+20", 120],
    ["1920/2", 960],
    ["2+3*4", 14],
    ["(2+3)*4", 20],
    ["10 - 2 - 3", 5],
    ["3 × 4", 12],
    ["1 920", 1920],
    ["1,920", 1920],
    ["1.920,5", 1920.5],
    ["1,234,567", 1234567],
    ["1'080 + 20", 1100],
    ["48px", 48],
    ["48 PX + 2 px", 50],
    ["150 %", 300],
    ["-(4)", -4],
  ])("reads %s", (typed, number) => {
    expect(read(typed)).toEqual({ number });
  });

  it("takes a percentage for itself where the field is in per cent", () => {
    expect(read("50 %", "%")).toEqual({ number: 50 });
  });

  it.each(["", "wide", "12 48", "1,5,5", "1.5.5", "12 +", "1/0", "(3", "4)", "1920x1080", "--"])(
    "does not read “%s”",
    (typed) => {
      expect(read(typed)).toHaveProperty("problem", expect.stringContaining("cannot be read"));
    },
  );

  it("takes pixels where the words say only the direction", () => {
    expect(read("48 px", "right")).toEqual({ number: 48 });
    expect(read("48 px", " px wide")).toEqual({ number: 48 });
  });

  it("names the unit that does not belong there", () => {
    expect(read("45°")).toEqual({ problem: "This is in px, so “°” cannot be read" });
    expect(read("3 px", "")).toEqual({
      problem: "This number has no unit, so “px” cannot be read",
    });
  });
});
