import { expect, test } from "vitest";
import type { Cue, PlacedCue } from "../api/client";
import { seenAt } from "./poses";

const clip = { width: 1000, height: 500 };
const cue: Cue = {
  id: 1,
  still: { overlay: 1, row: 0, target: "HD" },
  from: 100,
  length: 10,
  lane: 1,
  coming: { kind: "fade", frames: 2 },
  going: { kind: "slide", side: "LEFT", frames: 1 },
  scroll: 0,
  fit: "OWN",
};
const place: PlacedCue = {
  cue: 1,
  left: 10,
  top: 20,
  width: 100,
  height: 50,
  coming: 0,
  going: 1,
  up: 0,
};
const pose = { opacity: 1, across: 0, down: 0, scale: 1 };
const moves = [
  [
    { ...pose, opacity: 0.25 },
    { ...pose, opacity: 0.75 },
  ],
  [{ ...pose, across: -0.5, scale: 0.5 }],
];

test("a still is seen from its first picture to its last", () => {
  expect(seenAt(cue, place, moves, 99, clip)).toBeNull();
  expect(seenAt(cue, place, moves, 100, clip)?.opacity).toBe(0.25);
  expect(seenAt(cue, place, moves, 101, clip)?.opacity).toBe(0.75);
  expect(seenAt(cue, place, moves, 102, clip)).toEqual({
    opacity: 1,
    left: 10,
    top: 20,
    width: 100,
    height: 50,
  });
  expect(seenAt(cue, place, moves, 109, clip)).toEqual({
    opacity: 1,
    left: 10 - 500 + 25,
    top: 20 + 12.5,
    width: 50,
    height: 25,
  });
  expect(seenAt(cue, place, moves, 110, clip)).toBeNull();
});

test("a scroll comes from below the clip", () => {
  const scrolling = { ...place, coming: 2, going: 2, up: 4 };
  expect(seenAt(cue, scrolling, [...moves, []], 100, clip)?.top).toBe(500);
  expect(seenAt(cue, scrolling, [...moves, []], 105, clip)?.top).toBe(480);
});
