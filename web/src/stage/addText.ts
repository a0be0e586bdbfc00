import { flushSync } from "react-dom";
import { add } from "../document/add";
import { newText, type Spot } from "../document/newPieces";
import { useOverlay } from "../document/overlayStore";
import { wordsOf } from "../document/runs";
import { editWords } from "./editing";

/**
 * Adds a text and opens its words with all of them chosen, so that what is typed replaces them.
 *
 * @param spot where its middle lies; the middle of the frame if none is given
 */
export function addText(spot?: Spot): void {
  // At once: the first letter typed has to find the words open.
  flushSync(() => add((overlay) => newText(overlay, undefined, spot), "Add a text"));
  const text = useOverlay.getState().overlay?.stack[0];
  if (text?.kind === "text") editWords(text.id, { start: 0, end: wordsOf(text.runs).length });
}
