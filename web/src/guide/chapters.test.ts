import { describe, expect, it } from "vitest";
import { chapterAt, CHAPTERS, chaptersOf } from "./chapters";

describe("the guide", () => {
  it("has a chapter for every step, each with a picture", () => {
    expect(CHAPTERS.map((chapter) => chapter.title)).toEqual([
      "Begin",
      "Frame",
      "Compose",
      "House",
      "Proof",
      "Deliver",
      "Roster",
      "Photographs",
    ]);
    for (const chapter of CHAPTERS)
      expect(chapter.text).toMatch(/!\[[^\]]+\]\(screenshots\/\S+\.png\)/);
  });

  it("opens at the step one is at", () => {
    const titleAt = (path: string) => CHAPTERS[chapterAt(path)]?.title;
    expect(titleAt("/overlays/2/compose")).toBe("Compose");
    expect(titleAt("/overlays/2/roster")).toBe("Roster");
    expect(titleAt("/packages/1/new")).toBe("Frame");
    expect(titleAt("/packages/1/house")).toBe("House");
    expect(titleAt("/")).toBe("Begin");
  });

  it("keeps deeper headings within their chapter", () => {
    expect(chaptersOf("# All\n\n## One\n\n### More\nwords\n\n## Two\nend")).toEqual([
      { title: "One", text: "### More\nwords" },
      { title: "Two", text: "end" },
    ]);
  });
});
