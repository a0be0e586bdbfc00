import { expect, test } from "vitest";
import { identity } from "./identity";

test("one document keeps its number, and no two have the same", () => {
  const one = { name: "Bug" };
  const other = { name: "Bug" };
  expect(identity(one)).toBe(identity(one));
  expect(identity(other)).not.toBe(identity(one));
  expect(identity(one)).not.toBe(identity(null));
});
