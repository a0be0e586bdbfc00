import { useEffect } from "react";
import { create } from "zustand";

/** What undoing takes back where that is not the overlay. */
export interface Undoing {
  undo: () => void;
  redo: () => void;
  canUndo: boolean;
  canRedo: boolean;
}

/** Whoever is being worked on instead of the overlay; nothing for the overlay. */
export const useUndoing = create<{ instead: Undoing | null }>()(() => ({ instead: null }));

/** Has undoing work on something else for as long as it is shown. */
export function useUndoInstead({ undo, redo, canUndo, canRedo }: Undoing): void {
  useEffect(() => {
    useUndoing.setState({ instead: { undo, redo, canUndo, canRedo } });
  }, [undo, redo, canUndo, canRedo]);
  useEffect(() => () => useUndoing.setState({ instead: null }), []);
}
