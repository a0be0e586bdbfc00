import { useStore } from "zustand";
import { answer, api } from "../api/client";
import { createArranging, type Arranging } from "./arranging";
import { useOverlay } from "./overlayStore";

const arranging = createArranging(
  (packageId, body) =>
    answer(api.POST("/api/packages/{id}/arranged", { params: { path: { id: packageId } }, body })),
  useOverlay.getState,
);

export const { arrange, say, working } = arranging;

export function useArranging<T>(of: (arranging: Arranging) => T): T {
  return useStore(arranging.store, of);
}

/** Does the last arrangement once more, to whatever is chosen when its turn comes. */
export function repeat(): void {
  void arrange(() => arranging.store.getState().last, "The same again");
}
