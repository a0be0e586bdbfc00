import { create, type StateCreator } from "zustand";
import type { Overlay, Piece, SavedOverlay } from "../api/client";
import { findPiece, withPiece } from "./tree";

/** Changes under the same key within this time are undone together. */
const TOGETHER_MS = 900;

export type Saving =
  | { state: "saved" }
  | { state: "unsaved" }
  | { state: "saving" }
  | { state: "stale"; sentence: string }
  | { state: "failed"; sentence: string };

/** A step that can be undone: what the document was, and what was done to it. */
export interface Step {
  overlay: Overlay;
  did: string;
}

export interface OverlayState {
  id: number | null;
  packageId: number;
  /** The saved revision that the document is based on. */
  revision: number;
  overlay: Overlay | null;
  past: Step[];
  future: Step[];
  lastKey: string;
  lastAt: number;
  /** The chosen pieces in the order in which they were chosen. */
  selected: string[];
  saving: Saving;
  open: (saved: SavedOverlay) => void;
  close: () => void;
  select: (ids: string[]) => void;
  /** Adds a piece to the chosen ones or takes it out. */
  toggle: (id: string) => void;
  /**
   * Replaces the document. Changes with the same key that follow each other quickly, such as
   * letters typed into one text, are one step of undo.
   */
  change: (next: (overlay: Overlay) => Overlay, did: string, key?: string) => void;
  changePiece: (id: string, next: (piece: Piece) => Piece, did: string, key?: string) => void;
  undo: () => void;
  redo: () => void;
  /** Goes back to before the step at this place, or forward to after it. */
  goTo: (steps: number) => void;
  setSaving: (saving: Saving) => void;
  saved: (revision: number, overlay: Overlay) => void;
  rebase: (revision: number) => void;
}

/**
 * The overlay being worked on, what it was before, and whether it is saved.
 *
 * @param now milliseconds since whenever
 */
export const openDocument =
  (now: () => number): StateCreator<OverlayState> =>
  (set, get) => ({
    id: null,
    packageId: 0,
    revision: 0,
    overlay: null,
    past: [],
    future: [],
    lastKey: "",
    lastAt: 0,
    selected: [],
    saving: { state: "saved" },
    open: (saved) =>
      set({
        id: saved.id,
        packageId: saved.packageId,
        revision: saved.revision,
        overlay: saved.overlay,
        past: [],
        future: [],
        lastKey: "",
        selected: [],
        saving: { state: "saved" },
      }),
    close: () => set({ id: null, overlay: null, past: [], future: [], selected: [] }),
    select: (selected) => set({ selected }),
    toggle: (id) =>
      set(({ selected }) => ({
        selected: selected.includes(id)
          ? selected.filter((other) => other !== id)
          : [...selected, id],
      })),
    change: (next, did, key = "") => {
      const { overlay, past, lastKey, lastAt } = get();
      if (!overlay) return;
      const changed = next(overlay);
      if (changed === overlay) return;
      const at = now();
      const together = key !== "" && key === lastKey && at - lastAt < TOGETHER_MS;
      set({
        overlay: changed,
        past: together ? past : [...past, { overlay, did }],
        future: [],
        lastKey: key,
        lastAt: at,
        saving: { state: "unsaved" },
      });
    },
    changePiece: (id, next, did, key) =>
      get().change(
        (overlay) => {
          const stack = withPiece(overlay.stack, id, next);
          return stack === overlay.stack ? overlay : { ...overlay, stack };
        },
        did,
        key,
      ),
    undo: () => get().goTo(-1),
    redo: () => get().goTo(1),
    goTo: (steps) => {
      let { overlay } = get();
      const past = [...get().past];
      const future = [...get().future];
      for (let i = 0; i < Math.abs(steps); i++) {
        const step = steps < 0 ? past.pop() : future.shift();
        if (!overlay || !step) break;
        if (steps < 0) future.unshift({ overlay, did: step.did });
        else past.push({ overlay, did: step.did });
        overlay = step.overlay;
      }
      if (overlay === get().overlay) return;
      const there = overlay;
      set({
        overlay,
        past,
        future,
        lastKey: "",
        selected: get().selected.filter((id) => findPiece(there, id)),
        saving: { state: "unsaved" },
      });
    },
    setSaving: (saving) => set({ saving }),
    saved: (revision, overlay) =>
      set((state) => ({
        revision,
        saving: state.overlay === overlay ? { state: "saved" } : { state: "unsaved" },
      })),
    rebase: (revision) => set({ revision, saving: { state: "unsaved" } }),
  });

export const useOverlay = create<OverlayState>()(openDocument(() => performance.now()));
