import { create } from "zustand";
import type { Range } from "../document/runs";

/** The text whose words are being typed, and the stretch of them that is chosen. */
interface Editing extends Range {
  id: string;
}

const NOT: Editing = { id: "", start: 0, end: 0 };

export const useEditing = create<Editing>()(() => NOT);

export const WORDS_FIELD = "words-field";

/** Begins to type in a chosen text's words, with a stretch of them chosen. */
export function editWords(id: string, range?: Range): void {
  const field = document.getElementById(WORDS_FIELD);
  if (!(field instanceof HTMLTextAreaElement)) return;
  field.focus();
  if (range) field.setSelectionRange(range.start, range.end);
  noteEditing(id, field);
}

export function noteEditing(id: string, field: HTMLTextAreaElement): void {
  const { selectionStart: start, selectionEnd: end } = field;
  const now = useEditing.getState();
  if (now.id !== id || now.start !== start || now.end !== end) {
    useEditing.setState({ id, start, end });
  }
}

export function stopEditing(): void {
  useEditing.setState(NOT);
}
