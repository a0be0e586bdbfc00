import type { QueryClient } from "@tanstack/react-query";
import { create } from "zustand";
import { answer, api } from "../api/client";
import { say, working } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";
import type { Spot } from "../document/newPieces";
import { displayWidth } from "../document/geometry";

/** Whether what is laid from the library follows its original from then on. */
export const useLaying = create<{ followed: boolean }>()(() => ({ followed: true }));

/** How an original is carried from the shelf to the frame. */
const CARRIED = "application/x-diaphan-original";

export function carry(name: string, data: DataTransfer): void {
  data.setData(CARRIED, name);
  data.effectAllowed = "copy";
}

export function carriesOriginal(data: DataTransfer): boolean {
  return data.types.includes(CARRIED);
}

/**
 * Lays a copy of an original in front of all.
 *
 * @param spot where its middle comes to lie; the middle of the frame if none is given
 */
export function lay(name: string, queries: QueryClient, spot?: Spot): Promise<void> {
  return working(laid(name, queries, spot));
}

export function layCarried(data: DataTransfer, queries: QueryClient, spot: Spot): void {
  void lay(data.getData(CARRIED), queries, spot);
}

async function laid(original: string, queries: QueryClient, spot?: Spot): Promise<void> {
  const { id, packageId } = useOverlay.getState();
  const { followed } = useLaying.getState();
  for (;;) {
    const { overlay, id: now } = useOverlay.getState();
    if (!overlay || now !== id) return;
    const { frame } = overlay;
    try {
      const arranged = await answer(
        api.POST("/api/packages/{id}/house/originals/laid", {
          params: { path: { id: packageId } },
          body: {
            overlay,
            original,
            followed,
            right: spot ? Math.round(spot.x - displayWidth(frame) / 2) : 0,
            down: spot ? Math.round(spot.y - frame.height / 2) : 0,
          },
        }),
      );
      // What was done meanwhile stays; the copy is laid on that.
      if (useOverlay.getState().overlay !== overlay) continue;
      const { change, select } = useOverlay.getState();
      change(() => arranged.overlay, `Lay ${original}`);
      select(arranged.chosen);
      say("");
      await queries.invalidateQueries({ queryKey: ["pictures", packageId] });
    } catch (e) {
      const sentence = e instanceof Error ? e.message : String(e);
      say(`${original} was not laid. ${sentence}`);
    }
    return;
  }
}
