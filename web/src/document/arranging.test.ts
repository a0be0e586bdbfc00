import { beforeEach, describe, expect, it, vi } from "vitest";
import { createStore, type StoreApi } from "zustand";
import type { Arrangement, Overlay, SavedOverlay } from "../api/client";
import { createArranging } from "./arranging";
import { openDocument, type OverlayState } from "./overlayStore";

type Ask = Parameters<typeof createArranging>[0];
type Arranged = Awaited<ReturnType<Ask>>;

const step = (kind: string) => ({ kind }) as unknown as Arrangement;
const overlay = (name: string) => ({ name, stack: [] }) as unknown as Overlay;

describe("arrangements", () => {
  let document: StoreApi<OverlayState>;
  let ask: ReturnType<typeof vi.fn<Ask>>;
  let arranging: ReturnType<typeof createArranging>;
  const name = () => document.getState().overlay?.name;
  const open = (id: number) =>
    document
      .getState()
      .open({ id, packageId: 1, revision: 1, overlay: overlay("") } as unknown as SavedOverlay);

  /** The core, which adds the kind of the step to the overlay's name and chooses what came of it. */
  const arranged: Ask = (_, asked) =>
    Promise.resolve({
      overlay: overlay(asked.overlay.name + asked.arrangement.kind),
      chosen: asked.chosen.map((id) => `${id}'`),
    });

  beforeEach(() => {
    document = createStore(openDocument(() => 0));
    ask = vi.fn<Ask>(arranged);
    arranging = createArranging(ask, document.getState);
    open(7);
    document.getState().select(["a"]);
  });

  it("follow each other, each on what came of the one before", async () => {
    void arranging.arrange(step("x"), "First");
    const last = arranging.arrange(step("y"), "Second");
    expect(arranging.store.getState().pending).toBe(2);
    await last;
    expect(name()).toBe("xy");
    expect(document.getState().selected).toEqual(["a''"]);
    expect(document.getState().past.map((each) => each.did)).toEqual(["First", "Second"]);
    expect(arranging.store.getState()).toMatchObject({ pending: 0, last: step("y") });
  });

  it("are done again to what came of a change that overtook them", async () => {
    let answer: (arranged: Arranged) => void = () => undefined;
    ask.mockImplementationOnce(() => new Promise((done) => (answer = done)));
    const done = arranging.arrange(step("x"), "First");
    await Promise.resolve();
    document.getState().change(() => overlay("typed "), "Type");
    answer({ overlay: overlay("stale"), chosen: [] });
    await done;
    expect(name()).toBe("typed x");
    expect(ask).toHaveBeenCalledTimes(2);
  });

  it("leave what was chosen meanwhile, or was to stay so", async () => {
    const done = arranging.arrange(step("x"), "First");
    document.getState().select(["b"]);
    await done;
    // It began before the choice was looked at, so it is for what is chosen when its turn comes.
    expect(document.getState().selected).toEqual(["b'"]);
    await arranging.arrange(step("y"), "Second", { ids: ["c"], keepChoice: true });
    expect(ask.mock.lastCall?.[1].chosen).toEqual(["c"]);
    expect(document.getState().selected).toEqual(["b'"]);
    ask.mockImplementationOnce((id, asked) => {
      document.getState().select(["d"]);
      return arranged(id, asked);
    });
    await arranging.arrange(step("z"), "Third");
    expect(document.getState().selected).toEqual(["d"]);
  });

  it("say what is wrong, and the next one is done nevertheless", async () => {
    ask.mockRejectedValueOnce(new Error("Two pieces are needed."));
    await arranging.arrange(step("x"), "First");
    expect(arranging.store.getState()).toMatchObject({
      problem: "Two pieces are needed.",
      pending: 0,
      last: null,
    });
    await arranging.arrange(step("y"), "Second");
    expect(name()).toBe("y");
    expect(arranging.store.getState().problem).toBe("");
  });

  it("are not for a document that was opened since, nor for nothing", async () => {
    let answer: (arranged: Arranged) => void = () => undefined;
    ask.mockImplementationOnce(() => new Promise((done) => (answer = done)));
    const done = arranging.arrange(step("x"), "First");
    await Promise.resolve();
    open(8);
    document.getState().select(["z"]);
    answer({ overlay: overlay("of another"), chosen: [] });
    await done;
    expect(name()).toBe("");
    await arranging.arrange(() => null, "Nothing to do");
    document.getState().select([]);
    await arranging.arrange(step("y"), "Nothing chosen");
    expect(ask).toHaveBeenCalledTimes(1);
  });
});
