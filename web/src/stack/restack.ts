import { create } from "zustand";
import type { Piece } from "../api/client";
import { arrange } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";
import { allPieces, findPiece } from "../document/tree";

export type Spot = "IN_FRONT" | "BEHIND" | "INSIDE";

interface Carrying {
  /** The pieces that the hand carries through the stack; none while nothing is carried. */
  ids: readonly string[];
  /** Where they would come to lie. */
  over: { id: string; spot: Spot } | null;
}

export const useCarrying = create<Carrying>()(() => ({ ids: [], over: null }));

/** Takes up a piece, and with it all that is chosen if it is. */
export function takeUp(id: string): void {
  const { selected } = useOverlay.getState();
  useCarrying.setState({ ids: selected.includes(id) ? selected : [id], over: null });
}

/** Shows where the carried pieces would lie; nowhere if they cannot lie there. */
export function carryOver(id: string, spot: Spot): boolean {
  const { ids } = useCarrying.getState();
  const { overlay } = useOverlay.getState();
  const possible =
    ids.length > 0 &&
    !ids.some((other) => {
      const carried = findPiece(overlay, other);
      return carried && allPieces([carried]).some((piece) => piece.id === id);
    });
  const { over } = useCarrying.getState();
  if (possible ? over?.id !== id || over.spot !== spot : over)
    useCarrying.setState({ over: possible ? { id, spot } : null });
  return possible;
}

/** Lays the carried pieces down where they were shown to lie. */
export function layDown(): void {
  const { ids, over } = useCarrying.getState();
  useCarrying.setState({ ids: [], over: null });
  if (over && ids.length > 0) restack([...ids], over.id, over.spot);
}

export function restack(ids: string[], other: string, spot: Spot): void {
  const { overlay } = useOverlay.getState();
  const names = ids.map((id) => findPiece(overlay, id)?.name);
  const what = names.length === 1 ? (names[0] ?? "") : `${names.length} pieces`;
  const where = findPiece(overlay, other)?.name ?? "";
  const words = { IN_FRONT: "in front of", BEHIND: "behind", INSIDE: "into" }[spot];
  void arrange({ kind: "restack", other, spot }, `Put ${what} ${words} ${where}`, {
    ids,
    keepChoice: true,
  });
}

/** The half of a card under the pointer decides; all but the upper third of a group is its inside. */
export function spotWithin(piece: Piece, share: number): Spot {
  if (piece.kind === "group") return share < 1 / 3 ? "IN_FRONT" : "INSIDE";
  return share < 0.5 ? "IN_FRONT" : "BEHIND";
}
