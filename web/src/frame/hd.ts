import type { Frame } from "../api/client";

/** What most overlays are for. */
export const HD: Frame = {
  width: 1920,
  height: 1080,
  pixelAspect: "1/1",
  scan: "PROGRESSIVE",
  safeAreas: { name: "EBU R 95", actionX: 3.5, actionY: 3.5, titleX: 5, titleY: 5 },
  ownMargin: { unit: "PERCENT", left: 0, top: 0, right: 0, bottom: 0 },
  dotsPerInch: 72,
  videoHeight: 1080,
};
