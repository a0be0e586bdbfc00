import { expect, it } from "vitest";
import { ownSize } from "./ownSize";

it.each([
  [{ width: 300, height: 200 }, "300 × 200"],
  [{ width: 16.53125, height: 16.00001 }, "16.53 × 16"],
])("the own size %o reads %s", (size, words) => {
  expect(ownSize(size)).toBe(words);
});
