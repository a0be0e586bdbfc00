import { expect, test } from "vitest";
import { withAxis } from "./axes";

const width = { tag: "wdth", standard: 100 };

test("an axis is said once", () => {
  const narrow = withAxis([], width, 60);
  expect(narrow).toEqual([{ tag: "wdth", value: 60 }]);
  expect(withAxis(narrow, width, 80)).toEqual([{ tag: "wdth", value: 80 }]);
});

test("an axis that is as the font has it is not said", () => {
  const both = [
    { tag: "wdth", value: 60 },
    { tag: "opsz", value: 20 },
  ];
  expect(withAxis(both, width, 100)).toEqual([{ tag: "opsz", value: 20 }]);
});
