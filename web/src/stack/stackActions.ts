import { duplicated } from "../document/newPieces";
import { useOverlay } from "../document/overlayStore";

/** Moves a piece towards the front (-1) or the back (1) of the stack. */
export function shift(id: string, by: -1 | 1): void {
  useOverlay.getState().change((overlay) => {
    const from = overlay.stack.findIndex((piece) => piece.id === id);
    const piece = overlay.stack[from];
    const to = from + by;
    if (!piece || to < 0 || to >= overlay.stack.length) return overlay;
    const stack = overlay.stack.toSpliced(from, 1).toSpliced(to, 0, piece);
    return { ...overlay, stack };
  });
}

export function remove(id: string): void {
  const { change, select, overlay } = useOverlay.getState();
  const at = overlay?.stack.findIndex((piece) => piece.id === id) ?? -1;
  const next = overlay?.stack[at + 1] ?? overlay?.stack[at - 1];
  change((same) => ({ ...same, stack: same.stack.filter((piece) => piece.id !== id) }));
  select(next?.id ?? null);
}

export function duplicate(id: string): void {
  const { change, select, overlay } = useOverlay.getState();
  const at = overlay?.stack.findIndex((piece) => piece.id === id) ?? -1;
  const piece = overlay?.stack[at];
  if (!overlay || !piece) return;
  const copy = duplicated(overlay, piece);
  change((same) => ({ ...same, stack: same.stack.toSpliced(at, 0, copy) }));
  select(copy.id);
}

/** Chooses the next piece behind (1) or in front (-1), going round. */
export function selectNext(by: -1 | 1): void {
  const { overlay, selected, select } = useOverlay.getState();
  if (!overlay || overlay.stack.length === 0) return;
  const at = overlay.stack.findIndex((piece) => piece.id === selected);
  const count = overlay.stack.length;
  const next = at < 0 ? (by > 0 ? 0 : count - 1) : (at + by + count) % count;
  select(overlay.stack[next]?.id ?? null);
}
