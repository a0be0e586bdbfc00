import { describe, expect, it } from "vitest";
import type { DeliveryStatus } from "../api/client";
import { HD } from "../frame/hd";
import { editOf, laid, remark, seenAt } from "./marker";

function delivered(frame: typeof HD, width = frame.width, height = frame.height): DeliveryStatus {
  // Only what a still is laid by.
  return {
    target: { frame },
    left: 0,
    top: 0,
    report: { width, height },
  } as unknown as DeliveryStatus;
}

const CARD = { ...HD, height: 3240 };
const EDIT = { width: 1920, height: 1080 };

describe("a card that is higher than its video", () => {
  const marker = laid(0, delivered(CARD), 0, 6);

  it("is screened in the video that it is for, scrolling", () => {
    expect(editOf(CARD)).toEqual(EDIT);
    expect(marker.move).toBe("scroll");
    expect(remark(marker, EDIT)).toBe("");
  });

  it("comes from below and has gone above at its end, at an even speed", () => {
    const tops = [0, 1, 2, 3, 4, 5].map((time) => seenAt(marker, time, EDIT)?.top);
    expect(tops).toEqual([1080, 360, -360, -1080, -1800, -2520]);
    expect(seenAt(marker, 6, EDIT)).toBeNull();
    expect(seenAt(marker, 3, EDIT)?.left).toBe(0);
  });

  it("fills a smaller clip by the width of its video, not by its own height", () => {
    const seen = seenAt({ ...marker, fit: "fill" }, 3, { width: 1280, height: 720 });
    expect(seen?.width).toBeCloseTo(1280);
    expect(seen?.height).toBeCloseTo(2160);
  });

  it("is said not to be seen whole when it does not scroll", () => {
    expect(remark({ ...marker, move: "fade" }, EDIT)).toContain("3240 lines");
  });
});

describe("a still as high as its video", () => {
  it("fades", () => {
    const marker = laid(0, delivered(HD), 0, 6);
    expect(marker.move).toBe("fade");
    expect(seenAt(marker, 3, EDIT)).toEqual({
      opacity: 1,
      left: 0,
      top: 0,
      width: 1920,
      height: 1080,
    });
  });
});
