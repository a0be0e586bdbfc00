import { describe, expect, it } from "vitest";
import { same } from "./same";

describe("same", () => {
  it("looks at what is said, not at its order", () => {
    expect(same({ a: 1, b: [{ c: "x" }] }, { b: [{ c: "x" }], a: 1 })).toBe(true);
    expect(same([1, 2], [2, 1])).toBe(false);
    expect(same({ a: 1 }, { a: 1, b: undefined })).toBe(false);
    expect(same({ a: null }, { a: {} })).toBe(false);
    expect(same([], {})).toBe(false);
    expect(same({ a: undefined }, { b: undefined })).toBe(false);
  });
});
