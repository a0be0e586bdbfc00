import type { Piece } from "../api/client";
import { arrange, repeat } from "../document/arrange";
import { copyChosen, cutChosen } from "./clipboard";
import { useOverlay } from "../document/overlayStore";
import { findPiece } from "../document/tree";
import { addFinish } from "../finishes/addFinish";
import { FINISH_KINDS, KINDS } from "../finishes/kinds";
import { ADDITIONS } from "../stack/additions";
import { useAddOpen } from "../stack/addOpen";
import { duplicate, selectAll, selectNext } from "../stack/stackActions";
import { useHand } from "../stage/hand";
import type { View } from "./useView";

/** Something that can be done in Compose, by a key, from the menu, or by its name. */
export interface Action {
  name: string;
  /** The key as `useKeys` names it; nothing for none. */
  key?: string;
  /** Whether it is done to what is chosen, and so only where something is. */
  toChosen: boolean;
  /** Whether it stands in the stage's menu; the rest is found by key or name. */
  inMenu: boolean;
  run: () => void;
}

/** What Compose itself lends to its actions. */
interface Means {
  view: View;
  toggleGuides: () => void;
}

/** Switches a property of all chosen pieces to what the first of them has not. */
function toggleAll(property: "shown" | "locked", words: (on: boolean) => string): void {
  const { overlay, selected, changePiece } = useOverlay.getState();
  const first = findPiece(overlay, selected[0]);
  if (!first) return;
  const value = !first[property];
  const what = selected.length === 1 ? first.name : `${selected.length} pieces`;
  selected.forEach((id) =>
    changePiece(
      id,
      (same: Piece) => ({ ...same, [property]: value }),
      `${words(value)} ${what}`,
      `${property}:${value}`,
    ),
  );
}

const order = (step: "FORWARD" | "BACK" | "TO_FRONT" | "TO_BACK", did: string) => () =>
  void arrange({ kind: "order", step }, did);

/** To the first value of the sheet: the words, the shape, or where a piece lies. */
function focusSheet(): void {
  document
    .querySelector<HTMLElement>("[data-sheet] textarea, [data-sheet] input, [data-sheet] select")
    ?.focus();
}

/** All that can be done in Compose, in the order in which it is offered. */
export function actionsOf({ view, toggleGuides }: Means): Action[] {
  const chosen = (name: string, key: string, run: () => void): Action => ({
    name,
    key,
    toChosen: true,
    inMenu: true,
    run,
  });
  const free = (name: string, key: string, run: () => void, inMenu = false): Action => ({
    ...chosen(name, key, run),
    toChosen: false,
    inMenu,
  });
  return [
    ...ADDITIONS.map(({ action, key, add, addByKey = add }) => ({
      name: action,
      toChosen: false,
      inMenu: false,
      run: addByKey,
      ...(key && { key }),
    })),
    free("Choose every piece", "e", selectAll, true),
    free("Choose the next piece behind", "n", () => selectNext(1)),
    free("Choose the next piece in front", "Shift+n", () => selectNext(-1)),
    chosen("Edit its words or first value", "Enter", focusSheet),
    chosen("Cut", "Mod+x", () => void cutChosen()),
    chosen("Copy", "Mod+c", () => void copyChosen()),
    chosen("Duplicate", "d", duplicate),
    chosen("Do the last step again", "r", repeat),
    chosen("Hide or show", "h", () => toggleAll("shown", (on) => (on ? "Show" : "Hide"))),
    chosen("Lock or unlock", "l", () => toggleAll("locked", (on) => (on ? "Lock" : "Unlock"))),
    chosen("Group", "u", () => void arrange({ kind: "group", name: "Group" }, "Group")),
    chosen("Take apart", "Shift+u", () => void arrange({ kind: "ungroup" }, "Take apart")),
    {
      name: "Keep in the library…",
      toChosen: true,
      inMenu: true,
      run: () => useAddOpen.setState({ open: "keep" }),
    },
    chosen(
      "Mirror across",
      "m",
      () => void arrange({ kind: "mirror", direction: "ACROSS" }, "Mirror"),
    ),
    chosen(
      "Mirror up and down",
      "Shift+m",
      () => void arrange({ kind: "mirror", direction: "DOWN" }, "Mirror"),
    ),
    chosen("One forward", "PageUp", order("FORWARD", "One forward")),
    chosen("One back", "PageDown", order("BACK", "One back")),
    chosen("All the way forward", "Shift+PageUp", order("TO_FRONT", "To the front")),
    chosen("All the way back", "Shift+PageDown", order("TO_BACK", "To the back")),
    chosen("Take away", "Delete", () => void arrange({ kind: "remove" }, "Take away")),
    ...FINISH_KINDS.map((kind) => ({
      name: `Add ${KINDS[kind].one}`,
      toChosen: true,
      inMenu: false,
      run: () => void addFinish(kind),
    })),
    free("Snapping on or off", "s", () =>
      useHand.setState({ snapping: !useHand.getState().snapping }),
    ),
    free("Safe areas and own margin", "g", toggleGuides),
    free("Fit the frame", "f", view.fit, true),
    free("Actual pixels", "a", view.actual, true),
    free("Larger", "+", () => view.zoomBy(1.25)),
    free("Smaller", "-", () => view.zoomBy(0.8)),
  ];
}

const SHOWN: Record<string, string> = {
  Mod: "Ctrl",
  PageUp: "Page Up",
  PageDown: "Page Down",
  "-": "−",
};

/** A key as it is written on screens. */
export function keyInWords(key: string): string {
  return key
    .split(/\+(?=.)/)
    .map((part) => SHOWN[part] ?? (part.length === 1 ? part.toUpperCase() : part))
    .join(" ");
}
