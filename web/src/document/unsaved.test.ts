import { beforeAll, describe, expect, it, vi } from "vitest";
import type { Overlay } from "../api/client";
import { type Unsaved, unsavedOn } from "./unsavedOn";

function shelf(most = Infinity) {
  const kept = new Map<string, string>();
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem(key: string, value: string) {
      if (value.length > most) throw new DOMException("no room", "QuotaExceededError");
      kept.set(key, value);
    },
    removeItem: (key: string) => void kept.delete(key),
  };
}

const held = [{ name: "diaphan.page.another" }];
const state = (name: string): Unsaved => ({
  revision: 3,
  overlay: { name, stack: [] } as unknown as Overlay,
  page: "another",
});

describe("what is not saved yet", () => {
  let isOpen: (page: string) => Promise<boolean>;
  beforeAll(async () => {
    vi.stubGlobal("localStorage", shelf());
    vi.stubGlobal("navigator", {
      locks: { request: () => Promise.resolve(), query: () => Promise.resolve({ held }) },
    });
    ({ isOpen } = await import("./unsaved"));
  });

  it("is found again as it was, overlay by overlay", () => {
    const unsaved = unsavedOn(shelf());
    unsaved.keep(7, state("Bug"));
    unsaved.keep(8, state("Card"));
    unsaved.forget(8);
    expect(unsaved.find(7)).toEqual(state("Bug"));
    expect(unsaved.find(8)).toBeNull();
  });

  it("leaves no older state behind when there is no room for the newest", () => {
    const unsaved = unsavedOn(shelf(120));
    unsaved.keep(7, state("Bug"));
    expect(unsaved.find(7)).not.toBeNull();
    unsaved.keep(7, state("Bug".repeat(100)));
    expect(unsaved.find(7)).toBeNull();
  });

  it("is left to the page that made it while that is open", async () => {
    expect(await isOpen("another")).toBe(true);
    expect(await isOpen("gone")).toBe(false);
  });
});
