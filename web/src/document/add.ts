import type { Overlay, Piece } from "../api/client";
import { useOverlay } from "./overlayStore";

/** Puts a new piece in front of all and chooses it. */
export function add(make: (overlay: Overlay) => Piece, did: string): void {
  const { overlay, change, select } = useOverlay.getState();
  if (!overlay) return;
  const piece = make(overlay);
  change((same) => ({ ...same, stack: [piece, ...same.stack] }), did);
  select([piece.id]);
}
