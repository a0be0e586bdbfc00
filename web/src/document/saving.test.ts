import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Overlay, SavedOverlay } from "../api/client";

vi.mock("./unsaved", () => ({
  page: "here",
  isOpen: (other: string) => Promise.resolve(other === "open"),
  unsaved: { find: vi.fn(), keep: vi.fn(), forget: vi.fn() },
}));

const { mayOutlive, openSaved } = await import("./saving");
const { useOverlay } = await import("./overlayStore");
const { unsaved } = await import("./unsaved");

const overlay = (name: string) => ({ name, stack: [] }) as unknown as Overlay;
const saved = (name: string, revision: number) =>
  ({ id: 7, packageId: 1, revision, overlay: overlay(name) }) as unknown as SavedOverlay;

describe("a request that goes on after its page was left", () => {
  it("is counted in the bytes that are sent, not in letters", () => {
    expect(mayOutlive({ words: "x".repeat(50_000) })).toBe(true);
    expect(mayOutlive({ words: "ж".repeat(40_000) })).toBe(false);
    expect(mayOutlive({ words: "ا".repeat(29_000) })).toBe(true);
  });
});

describe("an overlay that was changed on a page that has gone", () => {
  beforeEach(() => useOverlay.getState().close());
  // eslint-disable-next-line @typescript-eslint/unbound-method -- a mock has no this
  const find = vi.mocked(unsaved.find);
  const left = (name: string, revision: number, page = "gone") =>
    find.mockReturnValue({ revision, page, overlay: overlay(name) });

  it("is opened as it was left, and can be undone to what was saved", async () => {
    left("Changed", 3);
    await openSaved(saved("Saved", 3));
    expect(useOverlay.getState().overlay?.name).toBe("Changed");
    expect(useOverlay.getState().saving.state).toBe("unsaved");
    useOverlay.getState().undo();
    expect(useOverlay.getState().overlay?.name).toBe("Saved");
  });

  it("asks which is to count if it was saved from elsewhere since", async () => {
    left("Changed", 3);
    await openSaved(saved("Saved elsewhere", 5));
    expect(useOverlay.getState().overlay?.name).toBe("Changed");
    expect(useOverlay.getState().saving.state).toBe("stale");
  });

  it("is left alone while its page is still open", async () => {
    left("Changed", 3, "open");
    await openSaved(saved("Saved", 3));
    expect(useOverlay.getState().overlay?.name).toBe("Saved");
    expect(useOverlay.getState().saving.state).toBe("saved");
  });

  it("is as saved if the server has it after all", async () => {
    left("Same", 3);
    await openSaved(saved("Same", 4));
    expect(useOverlay.getState().saving.state).toBe("saved");
    expect(useOverlay.getState().revision).toBe(4);
  });
});
