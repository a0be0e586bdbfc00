import { describe, expect, it } from "vitest";
import type { SavedOverlay } from "../api/client";
import { found } from "./found";

const overlays = (
  [
    ["Title 10", "2026-07-01T10:00:00Z"],
    ["Skipper plate", "2026-07-03T10:00:00Z"],
    ["Title 9", "2026-07-02T10:00:00Z"],
  ] as const
).map(([name, savedAt]) => ({ savedAt, overlay: { name } }) as SavedOverlay);
const names = (some: SavedOverlay[]) => some.map((one) => one.overlay.name);

describe("overlays that are found", () => {
  it("hold every word that is looked for, whatever its case and place", () => {
    expect(names(found(overlays, "  10 TITLE ", "MADE"))).toEqual(["Title 10"]);
    expect(names(found(overlays, "", "MADE"))).toHaveLength(3);
    expect(names(found(overlays, "pennant", "MADE"))).toEqual([]);
  });
  it("stand by name with numbers as numbers", () => {
    expect(names(found(overlays, "", "NAME"))).toEqual(["Skipper plate", "Title 9", "Title 10"]);
  });
  it("stand by what was changed last", () => {
    expect(names(found(overlays, "", "CHANGED"))).toEqual(["Skipper plate", "Title 9", "Title 10"]);
    expect(names(found(overlays, "title", "CHANGED"))).toEqual(["Title 9", "Title 10"]);
  });
});
