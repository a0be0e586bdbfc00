import { describe, expect, it } from "vitest";
import { type Eye, nearer, pulled, toArea, toPicture, wholeOf } from "./eye";
import { partSeen } from "./part";

const picture = { width: 400, height: 200 };
const room = { width: 800, height: 600 };
const eye: Eye = { x: 120, y: 70, scale: 3 };

describe("an eye over a picture", () => {
  it("sees the whole of it with some room beside it", () => {
    const whole = wholeOf(picture, room);
    expect(whole).toEqual({ x: 200, y: 100, scale: 1.92 });
    expect(toArea(whole, room, { x: 0, y: 0 }).x).toBeCloseTo(16);
    expect(toArea(whole, room, { x: 400, y: 200 }).x).toBeCloseTo(784);
  });

  it("finds the picture's point under one of the room, and back", () => {
    expect(toPicture(eye, room, { x: 400, y: 300 })).toEqual({ x: 120, y: 70 });
    const point = toPicture(eye, room, { x: 37, y: 501 });
    const back = toArea(eye, room, point);
    expect(back.x).toBeCloseTo(37);
    expect(back.y).toBeCloseTo(501);
  });

  it("comes nearer to what lies under the pointer, which stays there", () => {
    const at = { x: 650, y: 90 };
    const before = toPicture(eye, room, at);
    for (const factor of [1.25, 0.8, 100, 0.001]) {
      const after = toPicture(nearer(eye, picture, room, factor, at), room, at);
      expect(after.x).toBeCloseTo(before.x);
      expect(after.y).toBeCloseTo(before.y);
    }
  });

  it("comes no nearer than 32 pixels for one, and goes no farther than half the whole", () => {
    expect(nearer(eye, picture, room, 100, { x: 0, y: 0 }).scale).toBe(32);
    expect(nearer(eye, picture, room, 0.001, { x: 0, y: 0 }).scale).toBeCloseTo(0.96);
  });

  it("is pulled along by as much as the hand moves", () => {
    const before = toArea(eye, room, { x: 10, y: 20 });
    const after = toArea(pulled(eye, 12, -30), room, { x: 10, y: 20 });
    expect(after.x - before.x).toBeCloseTo(12);
    expect(after.y - before.y).toBeCloseTo(-30);
  });
});

describe("the part of a picture that is in sight", () => {
  it("is in whole pixels and within the picture", () => {
    expect(partSeen(picture, { width: 30, height: 20 }, { x: 100.2, y: 50, scale: 2 })).toEqual({
      left: 92,
      top: 45,
      width: 16,
      height: 10,
      scale: 2,
    });
    const corner = partSeen(picture, room, { x: 395, y: 195, scale: 32 });
    expect(corner).toEqual({ left: 382, top: 185, width: 18, height: 15, scale: 32 });
  });

  it("is none where there is no room, or nothing of the picture in it", () => {
    expect(partSeen(picture, { width: 0, height: 0 }, eye)).toBeNull();
    expect(partSeen(picture, { width: 30, height: 20 }, { x: 900, y: 50, scale: 2 })).toBeNull();
  });
});
