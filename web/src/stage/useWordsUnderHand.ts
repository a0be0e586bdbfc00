import { useEffect, useRef } from "react";
import { flushSync } from "react-dom";
import type { TextPiece } from "../api/client";
import { type Point, within } from "../document/geometry";
import { useOverlay } from "../document/overlayStore";
import { wordsOf } from "../document/runs";
import { findPiece } from "../document/tree";
import { wordAt } from "../document/words";
import { caretsOf, placeAt } from "./Carets";
import { editWords, useEditing } from "./editing";
import type { Seen } from "./seen";

/** Words that are typed in, pressed on the stage itself: the caret, a stretch of them, a word. */
export function useWordsUnderHand(seen: Seen) {
  const editing = useEditing((state) => state.id);
  const from = useRef<number | null>(null);
  /** Where the caret is to go once it is known where carets can stand. */
  const caretAt = useRef<{ id: string; words: string; p: Point } | null>(null);
  const { drawn, corners, unitX, unitY, overlay } = seen;
  const edited = drawn.get(editing);
  useEffect(() => {
    const wanted = caretAt.current;
    if (!wanted || !edited || wanted.id !== editing) return;
    const carets = caretsOf(edited, unitX, unitY);
    if (carets.length === 0) return;
    caretAt.current = null;
    const now = findPiece(useOverlay.getState().overlay, editing);
    // Whoever types already knows where.
    if (now?.kind !== "text" || wordsOf(now.runs) !== wanted.words) return;
    const place = placeAt(carets, wanted.p);
    editWords(editing, { start: place, end: place });
  }, [edited, editing, unitX, unitY]);

  /** The place in the words under a point; nothing beside them. */
  const under = (p: Point): number | null => {
    if (!edited || !within(corners(editing) ?? [], p)) return null;
    const carets = caretsOf(edited, unitX, unitY);
    return carets.length > 0 ? placeAt(carets, p) : null;
  };
  return {
    /** Whether words were pressed. */
    press: (p: Point): boolean => {
      const place = under(p);
      if (place === null) return false;
      from.current = place;
      editWords(editing, { start: place, end: place });
      return true;
    },
    /** Whether a stretch of words is being drawn over. */
    move: (p: Point): boolean => {
      if (from.current === null) return false;
      const place = under(p);
      if (place !== null) {
        const start = Math.min(place, from.current);
        editWords(editing, { start, end: Math.max(place, from.current) });
      }
      return true;
    },
    letGo: () => {
      from.current = null;
    },
    /** Chooses the word under a point; whether there is one. */
    word: (p: Point): boolean => {
      const open = findPiece(overlay, editing);
      const place = under(p);
      if (open?.kind !== "text" || place === null) return false;
      editWords(editing, wordAt(wordsOf(open.runs), place));
      return true;
    },
    /** Begins to type in a text, with the caret at a point. */
    open: (text: TextPiece, p: Point) => {
      // The sheet with the words has to be there before they can be typed in.
      flushSync(() => useOverlay.getState().select([text.id]));
      caretAt.current = { id: text.id, words: wordsOf(text.runs), p };
      editWords(text.id);
    },
  };
}
