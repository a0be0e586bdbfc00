import { expect, test } from "vitest";
import { filmFacts, nearestRate } from "./film";

const RATES = [
  { pictures: 24000, seconds: 1001 },
  { pictures: 24, seconds: 1 },
  { pictures: 25, seconds: 1 },
  { pictures: 30000, seconds: 1001 },
  { pictures: 30, seconds: 1 },
];

test("a measured rate is meant for the nearest known one", () => {
  expect(nearestRate(23.98, RATES)).toEqual(RATES[0]);
  expect(nearestRate(24.002, RATES)).toEqual(RATES[1]);
  expect(nearestRate(29.968, RATES)).toEqual(RATES[3]);
  expect(nearestRate(12, RATES)).toBeUndefined();
});

test("what is no video says nothing", async () => {
  expect(await filmFacts(new File(["no video"], "note.mp4"))).toBeNull();
});
