import { expect, test } from "vitest";
import type { PhotographLine, PhotographLook } from "../api/client";
import { faint, ordered } from "./order";

function line(id: number, name: string): PhotographLine {
  return { id, name, path: "", leftOut: false, version: "" };
}

function look(contrast: number | null): PhotographLook {
  return {
    width: 600,
    height: 400,
    legible: contrast !== null && contrast >= 3,
    problem: contrast === null ? "It is cut short." : "",
    mark: "m",
    ...(contrast === null
      ? {}
      : {
          hung: {
            pin: "BOTTOM_RIGHT",
            dress: "LIGHT",
            place: { left: 0, top: 0, right: 10, bottom: 10 },
            contrast,
          },
        }),
  };
}

const FOUR = [line(1, "10.jpg"), line(2, "9.jpg"), line(3, "b.jpg"), line(4, "a.jpg")];
const LOOKS = new Map([
  [1, look(5)],
  [2, look(1.2)],
  [3, look(null)],
]);

const ids = (lines: PhotographLine[]) => lines.map(({ id }) => id);

test("worst first: what cannot be marked, then the faintest, then what nobody looked at", () => {
  expect(ids(ordered(FOUR, LOOKS, "worst"))).toEqual([3, 2, 1, 4]);
});

test("names are put in order by their numbers", () => {
  expect(ids(ordered(FOUR, LOOKS, "name"))).toEqual([2, 1, 4, 3]);
});

test("as they were given", () => {
  expect(ids(ordered(FOUR, LOOKS, "given"))).toEqual([1, 2, 3, 4]);
});

test("what cannot be marked is not called faint", () => {
  expect(faint(FOUR, LOOKS)).toBe(1);
});
