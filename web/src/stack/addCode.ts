import { flushSync } from "react-dom";
import { add } from "../document/add";
import { newCode } from "../document/newPieces";

/** Adds a code and opens what it says with all of it chosen, so that what is typed replaces it. */
export function addCode(): void {
  // At once: the first letter typed has to find the field open.
  flushSync(() => add(newCode, "Add a code"));
  const field = document.querySelector<HTMLTextAreaElement>("[data-sheet] textarea");
  field?.focus();
  field?.select();
}
