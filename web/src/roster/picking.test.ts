import { describe, expect, it } from "vitest";
import { picking } from "./picking";

const sorted = (ids: Set<number>) => [...ids].sort((a, b) => a - b);

describe("choosing rows", () => {
  it("chooses a row and lets it go again", () => {
    const one = picking(new Set([7]), 3, undefined, undefined);
    expect(sorted(one)).toEqual([3, 7]);
    expect(sorted(picking(one, 3, 3, undefined))).toEqual([7]);
  });

  it("chooses all from the row before to this one, either way, as they are shown", () => {
    const shown = [9, 4, 6, 2, 8];
    expect(sorted(picking(new Set([4]), 2, 4, shown))).toEqual([2, 4, 6]);
    expect(sorted(picking(new Set([2]), 9, 2, shown))).toEqual([2, 4, 6, 9]);
  });

  it("chooses the row alone if the one before is not shown any more", () => {
    expect(sorted(picking(new Set([1]), 6, 1, [9, 4, 6]))).toEqual([1, 6]);
  });
});
