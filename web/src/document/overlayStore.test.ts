import { beforeEach, describe, expect, it } from "vitest";
import { createStore, type StoreApi } from "zustand";
import type { Overlay, SavedOverlay } from "../api/client";
import { openDocument, type OverlayState } from "./overlayStore";

const overlay = (name: string, ...ids: string[]) =>
  ({ name, stack: ids.map((id) => ({ kind: "plate", id, name: id })) }) as unknown as Overlay;

describe("the document that is open", () => {
  let time: number;
  let store: StoreApi<OverlayState>;
  const now = () => store.getState();
  const name = () => now().overlay?.name;
  const rename = (to: string, key?: string) =>
    now().change((before) => ({ ...before, name: to }), `Rename to ${to}`, key);

  beforeEach(() => {
    time = 0;
    store = createStore(openDocument(() => time));
    now().open({
      id: 7,
      packageId: 1,
      revision: 3,
      overlay: overlay("Bug", "a", "b"),
    } as unknown as SavedOverlay);
  });

  it("takes changes of one key together that follow each other quickly", () => {
    for (const typed of ["M", "Ma", "Mar"]) {
      rename(typed, "name");
      time += 899;
    }
    expect(now().past.map((step) => step.did)).toEqual(["Rename to M"]);
    now().undo();
    expect(name()).toBe("Bug");
    now().redo();
    expect(name()).toBe("Mar");
  });

  it("keeps apart what comes later, of another key, of none, or after an undo", () => {
    rename("One", "name");
    time += 900;
    rename("Two", "name");
    rename("Three", "other");
    rename("Four");
    rename("Five");
    expect(now().past).toHaveLength(5);
    rename("Six", "name");
    now().undo();
    rename("Seven", "name");
    expect(now().past).toHaveLength(6);
    expect(now().future).toEqual([]);
  });

  it("is unsaved only if something changed", () => {
    now().change((before) => before, "Nothing");
    now().changePiece("nobody", (piece) => ({ ...piece, name: "x" }), "Nobody");
    expect(now().saving).toEqual({ state: "saved" });
    expect(now().past).toEqual([]);
    now().changePiece("b", (piece) => ({ ...piece, name: "Bell" }), "Rename");
    expect(now().saving).toEqual({ state: "unsaved" });
    expect(now().overlay?.stack.map((piece) => piece.name)).toEqual(["a", "Bell"]);
  });

  it("stays unsaved if it was changed while it was saved", () => {
    rename("One");
    const sent = now().overlay;
    rename("Two");
    if (sent) now().saved(4, sent);
    expect(now()).toMatchObject({ revision: 4, saving: { state: "unsaved" } });
    const again = now().overlay;
    if (again) now().saved(5, again);
    expect(now()).toMatchObject({ revision: 5, saving: { state: "saved" } });
  });

  it("goes back and forward over several steps, and no farther than there are", () => {
    ["One", "Two", "Three"].forEach((each) => rename(each));
    now().goTo(-2);
    expect(name()).toBe("One");
    now().goTo(1);
    expect(name()).toBe("Two");
    now().goTo(-9);
    expect(name()).toBe("Bug");
    now().goTo(9);
    expect(name()).toBe("Three");
    expect(now().past.map((step) => step.did)).toEqual([
      "Rename to One",
      "Rename to Two",
      "Rename to Three",
    ]);
  });

  it("forgets the choice of pieces that an undo takes away, and keeps the others", () => {
    now().change(() => overlay("Bug", "a", "b", "c"), "Add");
    now().select(["c", "a"]);
    now().undo();
    expect(now().selected).toEqual(["a"]);
    now().toggle("b");
    now().toggle("a");
    expect(now().selected).toEqual(["b"]);
  });
});
