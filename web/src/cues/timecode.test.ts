import { expect, test } from "vitest";
import { seconds, timecode } from "./timecode";
import known from "./timecodes.json";

test.each(known)("$picture at $pictures/$seconds is $timecode", (one) => {
  const base = {
    rate: { pictures: one.pictures, seconds: one.seconds },
    dropFrame: one.dropFrame,
  };
  expect(timecode(one.picture, base)).toBe(one.timecode);
});

test("lengths are told in seconds", () => {
  const base = { rate: { pictures: 25, seconds: 1 }, dropFrame: false };
  expect(seconds(125, base)).toBe("5 s");
  expect(seconds(124, base)).toBe("4.96 s");
});
