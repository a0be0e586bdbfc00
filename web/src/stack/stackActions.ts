import { add } from "../document/add";
import { arrange } from "../document/arrange";
import { newPlate, type Spot } from "../document/newPieces";
import { useOverlay } from "../document/overlayStore";
import { allPieces } from "../document/tree";

const BESIDE = 20;

/**
 * @param spot where its middle lies; the middle of the frame if none is given
 */
export function addPlate(spot?: Spot): void {
  add((overlay) => newPlate(overlay, spot), "Add a plate");
}

/** Copies what is chosen beside itself; doing it again goes on in the same direction. */
export function duplicate(): void {
  void arrange({ kind: "duplicate", right: BESIDE, down: BESIDE }, "Duplicate");
}

/** Chooses the next piece behind (1) or in front (-1), going round, groups and what is in them. */
export function selectNext(by: -1 | 1): void {
  const { overlay, selected, select } = useOverlay.getState();
  const all = allPieces(overlay?.stack ?? []);
  if (all.length === 0) return;
  const at = all.findIndex((piece) => piece.id === selected.at(-1));
  const next = at < 0 ? (by > 0 ? 0 : all.length - 1) : (at + by + all.length) % all.length;
  const piece = all[next];
  select(piece ? [piece.id] : []);
}

export function selectAll(): void {
  const { overlay, select } = useOverlay.getState();
  select((overlay?.stack ?? []).filter((piece) => !piece.locked).map((piece) => piece.id));
}
