import { type KeyboardEvent, useState } from "react";
import { meant, type OpenBrace, openBrace } from "./openBrace";

/** What is offered at one place of the words. */
interface Offered {
  words: string;
  marked: number;
  /** Whether it was waved away until something else is typed. */
  closed: boolean;
}

/**
 * Columns of rosters that the brace at the caret may mean, moved through with the arrows.
 *
 * @param caret place in the words; negative if nothing is typed there
 * @param take told of the column that was taken and of the brace that it is for
 */
export function useColumnChoices(
  words: string,
  caret: number,
  columns: readonly string[],
  take: (column: string, open: OpenBrace) => void,
) {
  const [offered, setOffered] = useState<Offered>({ words, marked: 0, closed: true });
  const open = caret < 0 ? undefined : openBrace(words, caret);
  const found = open ? meant(columns, open.typed) : [];
  const now = offered.words === words ? offered : { words, marked: 0, closed: false };
  const choices = now.closed ? [] : found;
  const marked = Math.min(now.marked, choices.length - 1);
  const takeOne = (column: string) => {
    if (open) take(column, open);
  };
  return {
    choices,
    marked,
    take: takeOne,
    /** Whether the key was for the choices. */
    onKey: (event: KeyboardEvent): boolean => {
      const column = choices[marked];
      if (column === undefined) return false;
      switch (event.key) {
        case "ArrowDown":
        case "ArrowUp": {
          const by = event.key === "ArrowDown" ? 1 : choices.length - 1;
          setOffered({ words, marked: (marked + by) % choices.length, closed: false });
          break;
        }
        case "Enter":
        case "Tab":
          takeOne(column);
          break;
        case "Escape":
          setOffered({ words, marked: 0, closed: true });
          break;
        default:
          return false;
      }
      event.preventDefault();
      event.stopPropagation();
      return true;
    },
  };
}
