import { describe, expect, it } from "vitest";
import { found } from "./found";

const named = (name: string, about = "") => ({ name, about, run: () => {} });

describe("finding by name", () => {
  const all = [
    named("Width of the box", "Words"),
    named("Font size", "Words"),
    named("Size measures", "Words"),
    named("Outline: width", "Finish"),
    named("Add an outline"),
    named("Take apart", "Shift U"),
  ];
  const names = (typed: string) => found(all, typed).map((one) => one.name);

  it("takes names that begin as typed first", () => {
    expect(names("siz")).toEqual(["Size measures", "Font size"]);
    expect(names("outline")).toEqual(["Outline: width", "Add an outline"]);
  });

  it("takes words in any order, and where a value stands", () => {
    expect(names("width outl")).toEqual(["Outline: width"]);
    expect(names("finish width")).toEqual(["Outline: width"]);
  });

  it("offers everything while nothing is typed, and nothing for what nobody is called", () => {
    expect(names("  ")).toHaveLength(all.length);
    expect(names("zebra")).toEqual([]);
  });
});
