import { expect, test } from "vitest";
import type { BothLooks } from "../api/client";
import { beginLooks } from "./looks";
import type { Seen } from "./seen";

const seen: Seen[] = Array.from({ length: 30 }, (_, i) => ({
  overlay: i,
  row: 0,
  name: `Overlay ${i}`,
  packageName: "Regatta",
}));

const LOOK: BothLooks = { before: "b", after: "a", contrastBefore: 5, contrastAfter: 4 };

/** Draws what it is told to, and knows how many were drawn at once. */
function drawing(fails: readonly number[] = []) {
  const asked: number[] = [];
  let running = 0;
  let most = 0;
  return {
    asked,
    most: () => most,
    lookAt: async (one: Seen) => {
      asked.push(one.overlay);
      most = Math.max(most, ++running);
      await Promise.resolve();
      running--;
      if (fails.includes(one.overlay)) throw new Error("No");
      return LOOK;
    },
  };
}

const rested = () => new Promise((done) => setTimeout(done));

test("a screenful is drawn ahead, and the others when they are looked at", async () => {
  const draws = drawing();
  const looks = beginLooks(seen, draws.lookAt);
  await rested();
  expect(draws.asked).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11]);
  looks.all();
  await rested();
  expect(draws.asked).toHaveLength(30);
  expect(new Set(draws.asked).size).toBe(30);
  expect(draws.most()).toBe(2);
  expect(looks.drawn.getState().looks.get("29-0")).toEqual(LOOK);
});

test("looking while the first are drawn draws none of them twice, and no more at once", async () => {
  const draws = drawing();
  beginLooks(seen, draws.lookAt).all();
  await rested();
  expect(new Set(draws.asked).size).toBe(30);
  expect(draws.asked).toHaveLength(30);
  expect(draws.most()).toBe(2);
});

test("what cannot be drawn is passed over", async () => {
  const looks = beginLooks(seen, drawing([3, 4]).lookAt);
  looks.all();
  await rested();
  expect(looks.drawn.getState().tried).toBe(30);
  expect(looks.drawn.getState().looks.size).toBe(28);
});

test("nothing more is drawn once it is stopped", async () => {
  const draws = drawing();
  const looks = beginLooks(seen, draws.lookAt);
  looks.stop();
  looks.all();
  await rested();
  expect(draws.asked).toHaveLength(2);
});
