import { create } from "zustand";
import { answer, api, type Arrangement } from "../api/client";
import { useOverlay } from "./overlayStore";

interface Arranging {
  /** What is wrong with the last arrangement; empty if nothing is. */
  problem: string;
  /** The last step that can be done again to whatever is chosen then. */
  last: { arrangement: Arrangement; did: string } | null;
}

export const useArranging = create<Arranging>()(() => ({ problem: "", last: null }));

let queue: Promise<void> = Promise.resolve();

/**
 * Has the core arrange the chosen pieces. One arrangement follows the other; one that was overtaken
 * by another change of the document is done again to what came of that.
 */
export function arrange(
  arrangement: Arrangement,
  did: string,
  options: { key?: string; ids?: string[]; keepChoice?: boolean } = {},
): Promise<void> {
  queue = queue.then(() => run(arrangement, did, options));
  return queue;
}

async function run(
  arrangement: Arrangement,
  did: string,
  options: { key?: string; ids?: string[]; keepChoice?: boolean },
): Promise<void> {
  const { id, packageId } = useOverlay.getState();
  for (;;) {
    const { overlay, selected, id: now } = useOverlay.getState();
    const chosen = options.ids ?? selected;
    if (!overlay || now !== id || (chosen.length === 0 && arrangement.kind !== "paste")) return;
    try {
      const arranged = await answer(
        api.POST("/api/packages/{id}/arranged", {
          params: { path: { id: packageId } },
          body: { overlay, chosen, arrangement },
        }),
      );
      if (useOverlay.getState().overlay !== overlay) continue;
      useOverlay.getState().change(() => arranged.overlay, did, options.key);
      if (!options.keepChoice) useOverlay.getState().select(arranged.chosen);
      useArranging.setState({ problem: "", last: { arrangement, did } });
    } catch (e) {
      useArranging.setState({ problem: e instanceof Error ? e.message : String(e) });
    }
    return;
  }
}

/** Does the last arrangement once more. */
export function repeat(): void {
  const { last } = useArranging.getState();
  if (last) void arrange(last.arrangement, last.did);
}
