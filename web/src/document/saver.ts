import { type Overlay, Refused, type SavedOverlay } from "../api/client";
import type { OverlayState } from "./overlayStore";
import { same } from "./same";
import type { Unsaved } from "./unsavedOn";

/** What saving needs of the world around it. */
export interface SaverMeans {
  /** The document that is worked on. */
  opened: () => OverlayState;
  /** Saves an overlay over a revision; fails with 409 if there is a newer one. */
  put: (id: number, basedOn: number, overlay: Overlay) => Promise<SavedOverlay>;
  get: (id: number) => Promise<SavedOverlay>;
  unsaved: {
    find: (id: number) => Unsaved | null;
    keep: (id: number, unsaved: Unsaved) => void;
    forget: (id: number) => void;
  };
  /** Names this page. */
  page: string;
  /** Whether another page is still open, and saves what it has changed by itself. */
  isOpen: (page: string) => Promise<boolean>;
  /** Waits a moment. */
  pause: () => Promise<void>;
}

/** How often it is looked whether a save has ended, before that is given up. */
const MOST_LOOKS = 50;

/** Saves the document that is worked on, whole, over the revision it was made from. */
export function createSaver(means: SaverMeans) {
  const { opened, put, get, unsaved, page, isOpen, pause } = means;
  /** One save at a time: the next is based on the revision that the one before has made. */
  let sending: Promise<void> = Promise.resolve();
  /** The newest revision that this page has made of an overlay. */
  const made = new Map<number, number>();
  /** What was found unsaved in the browser when the overlay was opened. */
  let broughtBack: Overlay | null = null;

  /**
   * A page that was left while it saved may have been answered by none, although it was saved: then
   * the other version is the one that was sent.
   */
  const saveAgain = async (id: number, overlay: Overlay, stale: Refused) => {
    const newest = await get(id);
    if (same(newest.overlay, overlay)) return newest;
    if (broughtBack && same(newest.overlay, broughtBack)) return put(id, newest.revision, overlay);
    throw stale;
  };

  const send = async (id: number, overlay: Overlay, revision: number): Promise<void> => {
    const before = opened();
    const open = () => opened().id === id;
    if (open() && before.saving.state === "saved" && before.overlay === overlay) return;
    if (open()) before.setSaving({ state: "saving" });
    try {
      const answered = await put(id, Math.max(revision, made.get(id) ?? 0), overlay).catch(
        (e: unknown) => {
          if (e instanceof Refused && e.status === 409) return saveAgain(id, overlay, e);
          throw e;
        },
      );
      made.set(id, answered.revision);
      if (open()) opened().saved(answered.revision, overlay);
      if (!open() || opened().saving.state === "saved") unsaved.forget(id);
    } catch (e) {
      const sentence = e instanceof Error ? e.message : String(e);
      const stale = e instanceof Refused && e.status === 409;
      if (open()) opened().setSaving({ state: stale ? "stale" : "failed", sentence });
    }
  };

  const save = (): Promise<void> => {
    const { id, overlay, revision } = opened();
    if (id !== null && overlay) sending = sending.then(() => send(id, overlay, revision));
    return sending;
  };

  return {
    save,

    /** Keeps in the browser what the server does not have yet. */
    keepUnsaved: (): void => {
      const { id, overlay, revision, saving } = opened();
      if (id !== null && overlay && saving.state !== "saved") {
        unsaved.keep(id, { revision: Math.max(revision, made.get(id) ?? 0), overlay, page });
      }
    },

    /** Opens an overlay with what was changed on a page that has gone before it was saved. */
    openSaved: async (saved: SavedOverlay): Promise<void> => {
      const left = unsaved.find(saved.id);
      const { open } = opened();
      if (!left || same(left.overlay, saved.overlay) || (await isOpen(left.page))) {
        broughtBack = null;
        open(saved);
        return;
      }
      broughtBack = left.overlay;
      if (left.revision >= saved.revision) {
        open(saved);
        opened().change(() => left.overlay, "What had not been saved");
        return;
      }
      open({ ...saved, revision: left.revision, overlay: left.overlay });
      opened().setSaving({
        state: "stale",
        sentence:
          "You see what you changed here before it could be saved. Since then the overlay was saved from elsewhere.",
      });
    },

    /** Waits until the document is saved; false if it cannot be. */
    savedNow: async (): Promise<boolean> => {
      for (let looks = 0; looks < MOST_LOOKS; looks++) {
        const { saving } = opened();
        if (saving.state === "saved") return true;
        if (saving.state === "stale" || saving.state === "failed") return false;
        if (saving.state === "unsaved") await save();
        else await pause();
      }
      return false;
    },

    /** After a stale save: takes the other version, or saves this one over it. */
    settleStale: async (keepMine: boolean): Promise<void> => {
      const { id, open, rebase } = opened();
      if (id === null) return;
      const newest = await get(id);
      if (keepMine) {
        rebase(newest.revision);
      } else {
        unsaved.forget(id);
        open(newest);
      }
    },
  };
}
