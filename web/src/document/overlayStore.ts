import { create } from "zustand";
import type { Overlay, Piece, SavedOverlay } from "../api/client";

/** Changes under the same key within this time are undone together. */
const TOGETHER_MS = 900;

export type Saving =
  | { state: "saved" }
  | { state: "unsaved" }
  | { state: "saving" }
  | { state: "stale"; sentence: string }
  | { state: "failed"; sentence: string };

interface OverlayState {
  id: number | null;
  packageId: number;
  /** The saved revision that the document is based on. */
  revision: number;
  overlay: Overlay | null;
  past: Overlay[];
  future: Overlay[];
  lastKey: string;
  lastAt: number;
  selected: string | null;
  saving: Saving;
  open: (saved: SavedOverlay) => void;
  close: () => void;
  select: (id: string | null) => void;
  /**
   * Replaces the document. Changes with the same key that follow each other quickly, such as
   * letters typed into one text, are one step of undo.
   */
  change: (next: (overlay: Overlay) => Overlay, key?: string) => void;
  changePiece: (id: string, next: (piece: Piece) => Piece, key?: string) => void;
  undo: () => void;
  redo: () => void;
  setSaving: (saving: Saving) => void;
  saved: (revision: number, overlay: Overlay) => void;
  rebase: (revision: number) => void;
}

/** The overlay being worked on, what it was before, and whether it is saved. */
export const useOverlay = create<OverlayState>()((set, get) => ({
  id: null,
  packageId: 0,
  revision: 0,
  overlay: null,
  past: [],
  future: [],
  lastKey: "",
  lastAt: 0,
  selected: null,
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
      selected: null,
      saving: { state: "saved" },
    }),
  close: () => set({ id: null, overlay: null, past: [], future: [], selected: null }),
  select: (selected) => set({ selected }),
  change: (next, key = "") => {
    const { overlay, past, lastKey, lastAt } = get();
    if (!overlay) return;
    const changed = next(overlay);
    if (changed === overlay) return;
    const now = performance.now();
    const together = key !== "" && key === lastKey && now - lastAt < TOGETHER_MS;
    set({
      overlay: changed,
      past: together ? past : [...past, overlay],
      future: [],
      lastKey: key,
      lastAt: now,
      saving: { state: "unsaved" },
    });
  },
  changePiece: (id, next, key) =>
    get().change(
      (overlay) => ({
        ...overlay,
        stack: overlay.stack.map((piece) => (piece.id === id ? next(piece) : piece)),
      }),
      key,
    ),
  undo: () => {
    const { overlay, past, future } = get();
    const before = past.at(-1);
    if (!overlay || !before) return;
    set({
      overlay: before,
      past: past.slice(0, -1),
      future: [overlay, ...future],
      lastKey: "",
      saving: { state: "unsaved" },
    });
  },
  redo: () => {
    const { overlay, past, future } = get();
    const after = future[0];
    if (!overlay || !after) return;
    set({
      overlay: after,
      past: [...past, overlay],
      future: future.slice(1),
      lastKey: "",
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
}));

/** The piece that is chosen, if any. */
export function useSelectedPiece(): Piece | undefined {
  return useOverlay((state) => state.overlay?.stack.find((piece) => piece.id === state.selected));
}
