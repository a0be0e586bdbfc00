import { expect, test } from "vitest";
import type { Cue, CueList } from "../api/client";
import {
  besides,
  CUT,
  dragged,
  type Edges,
  FADE,
  laid,
  lanesShown,
  snapped,
  startingAt,
} from "./list";

const still = { overlay: 1, row: 0, target: "HD" };
const cue = (id: number, from: number, length: number, lane = 1): Cue => ({
  id,
  still,
  from,
  length,
  lane,
  coming: CUT,
  going: CUT,
  scroll: 0,
  fit: "OWN",
});
const clip = {
  name: "",
  width: 1920,
  height: 1080,
  base: { rate: { pictures: 25, seconds: 1 }, dropFrame: false },
  start: 0,
  length: 1000,
};
const cues = [cue(1, 100, 100), cue(2, 300, 50)];
const edges: Edges = { cues, markers: [{ words: "", at: 250, length: 0 }], clip, now: 420 };

test("edges are drawn to markers, cues, the playhead and the clip", () => {
  expect(snapped(247, 5, edges, 9)).toBe(250);
  expect(snapped(244, 5, edges, 9)).toBe(244);
  expect(snapped(203, 5, edges, 9)).toBe(200);
  expect(snapped(203, 5, edges, 1)).toBe(203);
  expect(snapped(422, 5, edges, 9)).toBe(420);
  expect(snapped(997, 5, edges, 9)).toBe(1000);
});

test("a cue keeps its length when it is dragged, and either end is drawn", () => {
  const first = cue(1, 100, 100);
  expect(dragged(first, "whole", 148, 0, 5, edges)).toMatchObject({ from: 250, length: 100 });
  expect(dragged(first, "whole", 97, 1, 5, edges)).toMatchObject({ from: 200, lane: 2 });
  expect(dragged(first, "whole", 148, 0, 0, edges)).toMatchObject({ from: 248 });
  expect(dragged(first, "whole", -500, -3, 5, edges)).toMatchObject({ from: 0, lane: 1 });
});

test("an end that is dragged leaves the other where it is", () => {
  const first = cue(1, 100, 100);
  expect(dragged(first, "to", 48, 0, 5, edges)).toMatchObject({ from: 100, length: 150 });
  expect(dragged(first, "from", -98, 0, 5, edges)).toMatchObject({ from: 0, length: 200 });
  expect(dragged(first, "to", -500, 0, 0, edges)).toMatchObject({ from: 100, length: 1 });
  expect(dragged(first, "from", 500, 0, 0, edges)).toMatchObject({ from: 199, length: 1 });
});

test("a still is laid on the lowest lane that is free", () => {
  const list: CueList = { name: "a", clip, readingSpeed: 15, markers: [], cues };
  expect(laid(list, still, 150, 125, 0)).toMatchObject({ id: 3, lane: 2, coming: FADE });
  expect(laid(list, still, 200, 100, 0)).toMatchObject({ lane: 1 });
  expect(laid(list, still, 500, 400, 120)).toMatchObject({ coming: CUT, scroll: 120 });
});

test("what lies in the clip stays there when the clip begins elsewhere", () => {
  const list: CueList = {
    name: "a",
    clip,
    readingSpeed: 15,
    markers: [{ words: "", at: 90_010, length: 0 }],
    cues,
  };
  const later = startingAt(list, 90_000);
  expect(later.cues.map(({ from }) => from)).toEqual([90_100, 90_300]);
  expect(later.markers[0]?.at).toBe(90_010);
  expect(later.clip).toMatchObject({ start: 90_000, length: 1000 });
});

test("stepping from cue to cue ends at the ends", () => {
  expect(besides(cues, undefined, 1)?.id).toBe(1);
  expect(besides(cues, 1, 1)?.id).toBe(2);
  expect(besides(cues, 2, 1)?.id).toBe(2);
  expect(besides(cues, undefined, -1)?.id).toBe(2);
  expect(besides([], 1, 1)).toBeUndefined();
  expect(lanesShown(cues)).toBe(2);
});
