import { create } from "zustand";
import { answer, api, type Arrangement, type Overlay } from "../api/client";
import { useOverlay } from "./overlayStore";

interface Arranging {
  /** How many arrangements are on their way. */
  pending: number;
  /** What is wrong with the last arrangement; empty if nothing is. */
  problem: string;
  /** The last step that can be done again to whatever is chosen then. */
  last: Arrangement | null;
}

export const useArranging = create<Arranging>()(() => ({
  pending: 0,
  problem: "",
  last: null,
}));

let queue: Promise<void> = Promise.resolve();

interface Options {
  /** Arrangements of the same key that follow each other quickly are one step of undo. */
  key?: string;
  /** The pieces to arrange, if not those that are chosen. */
  ids?: string[];
  /** Whether what is chosen stays so. */
  keepChoice?: boolean;
}

/** An arrangement, or how it is made of the document as it is when its turn comes. */
type Wanted = Arrangement | ((overlay: Overlay) => Arrangement | null);

/**
 * Has the core arrange the chosen pieces. One arrangement follows the other; one that was overtaken
 * by another change of the document is done again to what came of that.
 */
export function arrange(wanted: Wanted, did: string, options: Options = {}): Promise<void> {
  queue = working(queue.then(() => run(wanted, did, options)));
  return queue;
}

/** Counts work whose outcome will change the document, so that it is not called saved before. */
export function working(work: Promise<void>): Promise<void> {
  useArranging.setState(({ pending }) => ({ pending: pending + 1 }));
  return work.finally(() => useArranging.setState(({ pending }) => ({ pending: pending - 1 })));
}

async function run(wanted: Wanted, did: string, options: Options): Promise<void> {
  const { id, packageId } = useOverlay.getState();
  for (;;) {
    const { overlay, selected, id: now } = useOverlay.getState();
    const chosen = options.ids ?? selected;
    if (!overlay || now !== id || chosen.length === 0) return;
    const arrangement = typeof wanted === "function" ? wanted(overlay) : wanted;
    if (!arrangement) return;
    try {
      const arranged = await answer(
        api.POST("/api/packages/{id}/arranged", {
          params: { path: { id: packageId } },
          body: { overlay, chosen, arrangement },
        }),
      );
      if (useOverlay.getState().overlay !== overlay) continue;
      useOverlay.getState().change(() => arranged.overlay, did, options.key);
      // Whoever has chosen something else meanwhile keeps that.
      const chosenSince = useOverlay.getState().selected !== selected;
      if (!options.keepChoice && !chosenSince) useOverlay.getState().select(arranged.chosen);
      useArranging.setState({ problem: "", last: arrangement });
    } catch (e) {
      useArranging.setState({ problem: e instanceof Error ? e.message : String(e) });
    }
    return;
  }
}

/** Does the last arrangement once more, to whatever is chosen when its turn comes. */
export function repeat(): void {
  void arrange(() => useArranging.getState().last, "The same again");
}
