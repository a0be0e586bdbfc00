import { expect, test } from "vitest";
import { StillShelf, type StillPictures, type Wanted } from "./StillShelf";

const bitmap = () => ({ close: () => undefined });
const still = () =>
  ({
    left: 0,
    top: 0,
    width: 10,
    height: 10,
    key: bitmap(),
    light: bitmap(),
  }) as unknown as StillPictures;
const wanted = (...deliveries: number[]): Wanted[] =>
  deliveries.map((delivery) => ({ delivery, reading: "STRAIGHT" }));
const settled = () => new Promise((done) => setTimeout(done, 5));

test("what is wanted most is fetched first, three at once", async () => {
  const asked: number[] = [];
  const shelf = new StillShelf(
    () => undefined,
    () => undefined,
    ({ delivery }) => {
      asked.push(delivery);
      return Promise.resolve(still());
    },
  );
  shelf.want(wanted(5, 3, 1, 2));
  expect(asked).toEqual([5, 3, 1]);
  await settled();
  expect(asked).toEqual([5, 3, 1, 2]);
  expect(shelf.get({ delivery: 2, reading: "STRAIGHT" })).toBeDefined();
});

test("what there is no room for is not fetched over and over", async () => {
  let asked = 0;
  const shelf = new StillShelf(
    () => undefined,
    () => undefined,
    () => {
      asked++;
      return Promise.resolve(still());
    },
    2 * 800,
  );
  shelf.want(wanted(1, 2, 3, 4, 5));
  await settled();
  shelf.want(wanted(1, 2, 3, 4, 5));
  await settled();
  expect(asked).toBeLessThanOrEqual(5);
});

test("no more is kept than there is room for, and what is shown stays", async () => {
  const shelf = new StillShelf(
    () => undefined,
    () => undefined,
    () => Promise.resolve(still()),
    2 * 800,
  );
  shelf.want(wanted(1, 2, 3));
  await settled();
  shelf.want(wanted(4, 3));
  await settled();
  const kept = [1, 2, 3, 4].filter((one) => shelf.get({ delivery: one, reading: "STRAIGHT" }));
  expect(kept).toEqual([3, 4]);
});

test("what cannot be read is said once and not asked for again", async () => {
  const said: string[] = [];
  let asked = 0;
  const shelf = new StillShelf(
    () => undefined,
    (sentence) => said.push(sentence),
    () => {
      asked++;
      return Promise.reject(new Error("It is gone."));
    },
  );
  shelf.want(wanted(1));
  await settled();
  shelf.want(wanted(1));
  await settled();
  expect(said).toEqual(["It is gone."]);
  expect(asked).toBe(1);
});
