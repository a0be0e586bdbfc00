import { flushSync } from "react-dom";
import { addText } from "../stage/addText";
import { addCode } from "./addCode";
import { type AddOpen, toggleAdd } from "./addOpen";
import { addPlate } from "./stackActions";

/** Something that can be put on the frame. */
export interface Addition {
  /** As its button says it. */
  name: string;
  /** As an action says it. */
  action: string;
  /** The key that adds it; nothing for none. */
  key?: string;
  /** What it opens to be chosen from; nothing if it is added at once. */
  opens?: Exclude<AddOpen, null>;
  add: () => void;
  /** What is done if it was asked for by its key: a key goes on where the hand is. */
  addByKey?: () => void;
}

function opening(
  name: string,
  action: string,
  opens: Exclude<AddOpen, null>,
  key?: string,
): Addition {
  return { name, action, opens, add: () => toggleAdd(opens), ...(key && { key }) };
}

/** All that can be added, in the order in which it is offered. */
export const ADDITIONS: readonly Addition[] = [
  { name: "Text", action: "Add a text", key: "t", add: () => addText() },
  {
    name: "Plate",
    action: "Add a plate",
    key: "p",
    add: () => addPlate(),
    addByKey: () => {
      flushSync(() => addPlate());
      document.querySelector<HTMLElement>("[data-sheet] input[role=spinbutton]")?.focus();
    },
  },
  opening("Picture", "Add a picture", "pictures", "i"),
  { name: "Code", action: "Add a code to scan", add: addCode },
  opening("Ornament", "Add an ornament", "ornaments"),
  opening("Library", "Add from the library", "library"),
];
