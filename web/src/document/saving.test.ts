import { beforeAll, describe, expect, it, vi } from "vitest";

vi.mock("./unsaved", () => ({ page: "here", isOpen: vi.fn(), unsaved: {} }));

describe("a request that goes on after its page was left", () => {
  let mayOutlive: (body: unknown) => boolean;
  beforeAll(async () => ({ mayOutlive } = await import("./saving")));

  it("is counted in the bytes that are sent, not in letters", () => {
    expect(mayOutlive({ words: "x".repeat(50_000) })).toBe(true);
    expect(mayOutlive({ words: "ж".repeat(40_000) })).toBe(false);
    expect(mayOutlive({ words: "ا".repeat(29_000) })).toBe(true);
  });
});
