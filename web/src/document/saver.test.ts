import { beforeEach, describe, expect, it, vi } from "vitest";
import { createStore, type StoreApi } from "zustand";
import { type Overlay, Refused, type SavedOverlay } from "../api/client";
import { openDocument, type OverlayState } from "./overlayStore";
import { createSaver } from "./saver";
import { type Unsaved, unsavedOn } from "./unsavedOn";

const overlay = (name: string) => ({ name, stack: [] }) as unknown as Overlay;
const saved = (name: string, revision: number, id = 7) =>
  ({ id, packageId: 1, revision, overlay: overlay(name) }) as unknown as SavedOverlay;
const stale = () => new Refused("Saved from elsewhere.", 409);

/** A server with one revision of each overlay, as strict as the real one. */
class Server {
  kept = new Map<number, SavedOverlay>();
  puts: [string, number][] = [];

  put = (id: number, basedOn: number, document: Overlay): Promise<SavedOverlay> => {
    this.puts.push([document.name, basedOn]);
    const now = this.kept.get(id);
    if (now && now.revision !== basedOn) return Promise.reject(stale());
    const next = { ...saved(document.name, basedOn + 1, id), overlay: document };
    this.kept.set(id, next);
    return Promise.resolve(next);
  };

  get = (id: number): Promise<SavedOverlay> => {
    const now = this.kept.get(id);
    return now ? Promise.resolve(now) : Promise.reject(new Error("There is none."));
  };
}

describe("saving", () => {
  let document: StoreApi<OverlayState>;
  let server: Server;
  let shelf: Map<string, string>;
  let unsaved: ReturnType<typeof unsavedOn>;
  let saver: ReturnType<typeof createSaver>;
  const pause = vi.fn(() => Promise.resolve());
  const state = () => document.getState().saving.state;
  const type = (name: string) => document.getState().change(() => overlay(name), "Type");
  const left = (name: string, revision: number, page = "gone") => {
    const was: Unsaved = { revision, page, overlay: overlay(name) };
    unsaved.keep(7, was);
  };

  beforeEach(() => {
    document = createStore(openDocument(() => 0));
    server = new Server();
    server.kept.set(7, saved("Saved", 3));
    server.kept.set(8, saved("Other", 1, 8));
    shelf = new Map();
    unsaved = unsavedOn({
      getItem: (key) => shelf.get(key) ?? null,
      setItem: (key, value) => shelf.set(key, value),
      removeItem: (key) => shelf.delete(key),
    });
    pause.mockReset().mockResolvedValue(undefined);
    saver = createSaver({
      opened: document.getState,
      put: (id, basedOn, what) => server.put(id, basedOn, what),
      get: (id) => server.get(id),
      unsaved,
      page: "here",
      isOpen: (page) => Promise.resolve(page === "open"),
      pause,
    });
  });

  it("is based on the revision that the save before has made", async () => {
    await saver.openSaved(saved("Saved", 3));
    type("One");
    const first = saver.save();
    type("Two");
    await Promise.all([first, saver.save()]);
    expect(server.puts).toEqual([
      ["One", 3],
      ["Two", 4],
    ]);
    expect(state()).toBe("saved");
    expect(document.getState().revision).toBe(5);
  });

  it("sends nothing that is saved", async () => {
    await saver.openSaved(saved("Saved", 3));
    await saver.save();
    expect(server.puts).toEqual([]);
  });

  it("goes on while another overlay is opened, and leaves that alone", async () => {
    await saver.openSaved(saved("Saved", 3));
    type("Changed");
    saver.keepUnsaved();
    const sent = saver.save();
    await saver.openSaved(saved("Other", 1, 8));
    await sent;
    expect(server.kept.get(7)?.overlay.name).toBe("Changed");
    expect(document.getState().overlay?.name).toBe("Other");
    expect(state()).toBe("saved");
    expect(shelf.size).toBe(0);
  });

  it("knows what it made of an overlay that was opened again as it was before", async () => {
    await saver.openSaved(saved("Saved", 3));
    type("Changed");
    await saver.save();
    await saver.openSaved(saved("Saved", 3)); // As a page has it that asked before the save.
    type("Changed again");
    await saver.save();
    expect(server.puts.at(-1)).toEqual(["Changed again", 4]);
    expect(state()).toBe("saved");
  });

  it("keeps in the browser what is not saved, and no longer", async () => {
    await saver.openSaved(saved("Saved", 3));
    saver.keepUnsaved();
    expect(shelf.size).toBe(0);
    type("Changed");
    saver.keepUnsaved();
    expect(unsaved.find(7)).toMatchObject({
      revision: 3,
      page: "here",
      overlay: overlay("Changed"),
    });
    await saver.save();
    expect(shelf.size).toBe(0);
  });

  it("says what went wrong and can be tried again", async () => {
    await saver.openSaved(saved("Saved", 3));
    type("Changed");
    const { put } = server;
    server.put = () => Promise.reject(new Error("The disk is full."));
    await saver.save();
    expect(document.getState().saving).toEqual({ state: "failed", sentence: "The disk is full." });
    expect(await saver.savedNow()).toBe(false);
    server.put = put;
    await saver.save();
    expect(state()).toBe("saved");
  });

  it("asks which is to count if it was saved from elsewhere", async () => {
    await saver.openSaved(saved("Saved", 3));
    server.kept.set(7, saved("Elsewhere", 4));
    type("Mine");
    await saver.save();
    expect(document.getState().saving).toEqual({
      state: "stale",
      sentence: "Saved from elsewhere.",
    });
    expect(await saver.savedNow()).toBe(false);
    await saver.settleStale(true);
    await saver.save();
    expect(server.kept.get(7)?.overlay.name).toBe("Mine");
    expect(state()).toBe("saved");
  });

  it("takes the other version if that is to count", async () => {
    await saver.openSaved(saved("Saved", 3));
    server.kept.set(7, saved("Elsewhere", 4));
    type("Mine");
    saver.keepUnsaved();
    await saver.save();
    await saver.settleStale(false);
    expect(document.getState().overlay?.name).toBe("Elsewhere");
    expect(state()).toBe("saved");
    expect(shelf.size).toBe(0);
  });

  it("is content if the other version is what was sent before the answer was lost", async () => {
    await saver.openSaved(saved("Saved", 3));
    server.kept.set(7, saved("Changed", 4));
    type("Changed");
    await saver.save();
    expect(state()).toBe("saved");
    expect(document.getState().revision).toBe(4);
  });

  it("goes on from what a page that has gone had saved without an answer", async () => {
    left("Brought back", 3);
    await saver.openSaved(saved("Saved", 3));
    server.kept.set(7, saved("Brought back", 4));
    type("And more");
    await saver.save();
    expect(server.kept.get(7)?.overlay.name).toBe("And more");
    expect(state()).toBe("saved");
  });

  it("is waited for, but not for ever", async () => {
    await saver.openSaved(saved("Saved", 3));
    expect(await saver.savedNow()).toBe(true);
    type("Changed");
    expect(await saver.savedNow()).toBe(true);
    expect(server.kept.get(7)?.overlay.name).toBe("Changed");
    document.getState().setSaving({ state: "saving" });
    expect(await saver.savedNow()).toBe(false);
    expect(pause).toHaveBeenCalledTimes(50);
  });

  describe("of what was changed on a page that has gone", () => {
    it("is as it was left, and can be undone to what was saved", async () => {
      left("Changed", 3);
      await saver.openSaved(saved("Saved", 3));
      expect(document.getState().overlay?.name).toBe("Changed");
      expect(state()).toBe("unsaved");
      document.getState().undo();
      expect(document.getState().overlay?.name).toBe("Saved");
    });

    it("asks which is to count if it was saved from elsewhere since", async () => {
      left("Changed", 3);
      await saver.openSaved(saved("Saved elsewhere", 5));
      expect(document.getState().overlay?.name).toBe("Changed");
      expect(state()).toBe("stale");
    });

    it("is left to that page while it is still open", async () => {
      left("Changed", 3, "open");
      await saver.openSaved(saved("Saved", 3));
      expect(document.getState().overlay?.name).toBe("Saved");
      expect(state()).toBe("saved");
    });

    it("is as saved if the server has it after all", async () => {
      left("Same", 3);
      await saver.openSaved(saved("Same", 4));
      expect(state()).toBe("saved");
      expect(document.getState().revision).toBe(4);
    });
  });
});
