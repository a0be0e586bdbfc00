import type { RefObject } from "react";
import { useKeys } from "../app/keys";
import type { Backdrop } from "../backdrops/Backdrop";
import { useChosenBackdrop } from "../backdrops/useBackdrops";
import { add } from "../document/add";
import { arrange, repeat } from "../document/arrange";
import { newPlate, newText } from "../document/newPieces";
import { useOverlay } from "../document/overlayStore";
import { findPiece } from "../document/tree";
import { duplicate, selectAll, selectNext } from "../stack/stackActions";
import { useHand } from "../stage/hand";
import { useTaking } from "../stage/taking";

interface Looking {
  picker: RefObject<HTMLButtonElement | null>;
  backdrops: readonly Backdrop[];
  fit: () => void;
  actual: () => void;
  zoomBy: (factor: number) => void;
  toggleGuides: () => void;
}

function move(right: number, down: number) {
  return () => {
    const { selected } = useOverlay.getState();
    void arrange({ kind: "move", right, down }, "Move", {
      key: `${selected.join()}:nudge`,
      keepChoice: true,
    });
  };
}

const order = (step: "FORWARD" | "BACK" | "TO_FRONT" | "TO_BACK", did: string) => () =>
  void arrange({ kind: "order", step }, did);

/** Switches a property of all chosen pieces to what the first of them has not. */
function toggleAll(property: "shown" | "locked", did: string): void {
  const { overlay, selected, changePiece } = useOverlay.getState();
  const first = findPiece(overlay, selected[0]);
  if (!first) return;
  const value = !first[property];
  selected.forEach((id) =>
    changePiece(id, (same) => ({ ...same, [property]: value }), did, `${property}:${value}`),
  );
}

function escape(): void {
  if (useTaking.getState().take) useTaking.setState({ take: null });
  else useOverlay.getState().select([]);
}

function focusSheet(): void {
  document
    .querySelector<HTMLElement>("[data-sheet] textarea, [data-sheet] input, [data-sheet] select")
    ?.focus();
}

/** Every key of Compose. */
export function useComposeKeys(looking: Looking): void {
  const { picker, backdrops, fit, actual, zoomBy, toggleGuides } = looking;
  const choose = useChosenBackdrop((state) => state.choose);
  useKeys({
    t: () => add((overlay) => newText(overlay), "Add a text"),
    p: () => add(newPlate, "Add a plate"),
    i: () => picker.current?.click(),
    n: () => selectNext(1),
    "Shift+n": () => selectNext(-1),
    e: selectAll,
    Escape: escape,
    Enter: focusSheet,
    d: duplicate,
    r: repeat,
    h: () => toggleAll("shown", "Hide or show"),
    l: () => toggleAll("locked", "Lock or unlock"),
    u: () => void arrange({ kind: "group", name: "Group" }, "Group"),
    "Shift+u": () => void arrange({ kind: "ungroup" }, "Take apart"),
    m: () => void arrange({ kind: "mirror", direction: "ACROSS" }, "Mirror"),
    "Shift+m": () => void arrange({ kind: "mirror", direction: "DOWN" }, "Mirror"),
    PageUp: order("FORWARD", "One forward"),
    PageDown: order("BACK", "One back"),
    "Shift+PageUp": order("TO_FRONT", "To the front"),
    "Shift+PageDown": order("TO_BACK", "To the back"),
    Delete: () => void arrange({ kind: "remove" }, "Take away"),
    Backspace: () => void arrange({ kind: "remove" }, "Take away"),
    ArrowLeft: move(-1, 0),
    ArrowRight: move(1, 0),
    ArrowUp: move(0, -1),
    ArrowDown: move(0, 1),
    "Shift+ArrowLeft": move(-10, 0),
    "Shift+ArrowRight": move(10, 0),
    "Shift+ArrowUp": move(0, -10),
    "Shift+ArrowDown": move(0, 10),
    s: () => useHand.setState({ snapping: !useHand.getState().snapping }),
    f: fit,
    a: actual,
    "+": () => zoomBy(1.25),
    "=": () => zoomBy(1.25),
    "-": () => zoomBy(0.8),
    g: toggleGuides,
    ...Object.fromEntries(
      backdrops.map((backdrop, i) => [String(i + 1), () => choose(backdrop.name)]),
    ),
  });
}
