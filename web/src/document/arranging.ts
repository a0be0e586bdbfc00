import { createStore } from "zustand";
import type { Arrangement, Overlay } from "../api/client";
import type { OverlayState } from "./overlayStore";

export interface Arranging {
  /** How many arrangements are on their way. */
  pending: number;
  /** What is wrong with the last arrangement; empty if nothing is. */
  problem: string;
  /** The last step that can be done again to whatever is chosen then. */
  last: Arrangement | null;
}

export interface Options {
  /** Arrangements of the same key that follow each other quickly are one step of undo. */
  key?: string;
  /** The pieces to arrange, if not those that are chosen. */
  ids?: string[];
  /** Whether what is chosen stays so. */
  keepChoice?: boolean;
}

/** An arrangement, or how it is made of the document as it is when its turn comes. */
export type Wanted = Arrangement | ((overlay: Overlay) => Arrangement | null);

interface Asked {
  overlay: Overlay;
  chosen: string[];
  arrangement: Arrangement;
}

interface Arranged {
  overlay: Overlay;
  chosen: string[];
}

/**
 * Arrangements of what is chosen, one after the other.
 *
 * @param ask has the core arrange pieces of an overlay; fails with a sentence if it cannot be
 * @param opened the document that is worked on
 */
export function createArranging(
  ask: (packageId: number, asked: Asked) => Promise<Arranged>,
  opened: () => OverlayState,
) {
  const store = createStore<Arranging>()(() => ({ pending: 0, problem: "", last: null }));
  let queue: Promise<void> = Promise.resolve();

  /** Counts work whose outcome will change the document, so that it is not called saved before. */
  const working = (work: Promise<void>): Promise<void> => {
    store.setState(({ pending }) => ({ pending: pending + 1 }));
    return work.finally(() => store.setState(({ pending }) => ({ pending: pending - 1 })));
  };

  const run = async (wanted: Wanted, did: string, options: Options): Promise<void> => {
    const { id, packageId } = opened();
    for (;;) {
      const { overlay, selected, id: now } = opened();
      const chosen = options.ids ?? selected;
      if (!overlay || now !== id || chosen.length === 0) return;
      const arrangement = typeof wanted === "function" ? wanted(overlay) : wanted;
      if (!arrangement) return;
      try {
        const arranged = await ask(packageId, { overlay, chosen, arrangement });
        if (opened().overlay !== overlay) continue;
        opened().change(() => arranged.overlay, did, options.key);
        // Whoever has chosen something else meanwhile keeps that.
        const chosenSince = opened().selected !== selected;
        if (!options.keepChoice && !chosenSince) opened().select(arranged.chosen);
        store.setState({ problem: "", last: arrangement });
      } catch (e) {
        store.setState({ problem: e instanceof Error ? e.message : String(e) });
      }
      return;
    }
  };

  return {
    store,
    working,
    /** Says what is wrong with something else that was to change the document; "" for nothing. */
    say: (problem: string): void => store.setState({ problem }),
    /**
     * Arranges the chosen pieces. What was overtaken by another change of the document is done
     * again to what came of that.
     */
    arrange: (wanted: Wanted, did: string, options: Options = {}): Promise<void> => {
      queue = working(queue.then(() => run(wanted, did, options)));
      return queue;
    },
  };
}
