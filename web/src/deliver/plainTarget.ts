import type { NamedTarget } from "../api/client";

/** What a new target is before anything about it is changed. */
export const PLAIN_TARGET: Omit<NamedTarget, "name"> = {
  frame: { kind: "own" },
  file: {
    extent: { kind: "frame" },
    format: "PNG",
    depth: "EIGHT",
    carried: { kind: "straight" },
    compression: "DEFLATE",
    level: 2,
    dither: true,
    resolution: { kind: "frame" },
    sidecar: false,
  },
  pattern: "{overlay}_{target}",
  ifThere: "REPLACE",
};
