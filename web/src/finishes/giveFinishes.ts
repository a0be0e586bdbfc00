import { create } from "zustand";
import { answer, api, type Finish, type FinishSet } from "../api/client";
import { say, working } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";
import { findPiece } from "../document/tree";
import { shortSide } from "../document/geometry";

/** The finishes that were copied last, with the frame they were made for. */
export const useCopiedFinishes = create<{ copied: FinishSet | null }>()(() => ({ copied: null }));

/** The short side of the open overlay's frame, which lengths are made for. */
export function linesOf(): number {
  const frame = useOverlay.getState().overlay?.frame;
  return frame ? shortSide(frame) : 1080;
}

export function copyFinishes(finishes: Finish[]): void {
  useCopiedFinishes.setState({ copied: { name: "Copied", lines: linesOf(), finishes } });
}

/**
 * Has the core give pieces the finishes of a set, at the size of this frame.
 *
 * @param followed whether they change with the set from now on
 */
export function giveFinishes(
  pieces: readonly string[],
  set: FinishSet,
  followed: boolean,
  did: string,
): Promise<void> {
  return working(give(pieces, set, followed, did));
}

async function give(
  wanted: readonly string[],
  set: FinishSet,
  followed: boolean,
  did: string,
): Promise<void> {
  const { id, packageId } = useOverlay.getState();
  for (;;) {
    const { overlay, id: now } = useOverlay.getState();
    if (!overlay || now !== id) return;
    const pieces = wanted.filter((piece) => findPiece(overlay, piece));
    if (pieces.length === 0) return;
    try {
      const finished = await answer(
        api.POST("/api/packages/{id}/finished", {
          params: { path: { id: packageId } },
          body: { overlay, pieces, set, followed },
        }),
      );
      if (useOverlay.getState().overlay !== overlay) continue;
      useOverlay.getState().change(() => finished, did);
      say("");
    } catch (e) {
      say(e instanceof Error ? e.message : String(e));
    }
    return;
  }
}
