import type { Overlay } from "../api/client";

/** A document that the server does not have yet. */
export interface Unsaved {
  /** The saved revision that it was made from. */
  revision: number;
  overlay: Overlay;
  /** The page that it was made on. */
  page: string;
}

type Shelf = Pick<Storage, "getItem" | "setItem" | "removeItem">;

const key = (id: number) => `diaphan.unsaved.${id}`;

/**
 * Keeps what is not saved yet in the browser, so that it outlives a crash of the browser and of the
 * server. A browser without room keeps nothing; then only the page itself has it.
 */
export function unsavedOn(shelf: Shelf) {
  return {
    keep(id: number, unsaved: Unsaved): void {
      try {
        shelf.setItem(key(id), JSON.stringify(unsaved));
      } catch {
        shelf.removeItem(key(id)); // Better nothing than an older state.
      }
    },
    forget(id: number): void {
      shelf.removeItem(key(id));
    },
    find(id: number): Unsaved | null {
      const text = shelf.getItem(key(id));
      if (text === null) return null;
      try {
        return JSON.parse(text) as Unsaved;
      } catch {
        return null;
      }
    },
  };
}
