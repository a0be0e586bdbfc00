import { useEffect } from "react";
import type { TextPiece } from "../api/client";
import { type Range, typed, wordsOf } from "../document/runs";
import { noteEditing, stopEditing, useEditing, WORDS_FIELD } from "../stage/editing";
import { BoxSentence } from "./BoxSentence";
import { RunSentence } from "./RunSentence";
import { Section } from "./Section";
import { SettingSentence } from "./SettingSentence";

interface Props {
  piece: TextPiece;
  /** What was done to fit the words; empty for nothing. */
  note: string;
  onChange: (next: (piece: TextPiece) => TextPiece, did: string, key: string) => void;
}

const SIGNS = ["©", "™", "–", "—", "“", "”", "‘", "’", "·", "…", "×", "→", "°"];

/** What a text says and how it is set. */
export function WordsSection({ piece, note, onChange }: Props) {
  const words = wordsOf(piece.runs);
  const editing = useEditing();
  const range: Range =
    editing.id === piece.id && editing.start < editing.end ? editing : { start: 0, end: 0 };
  useEffect(() => stopEditing, [piece.id]);
  const type = (next: string) =>
    onChange((text) => ({ ...text, runs: typed(text.runs, next) }), "Type words", "words");
  const insert = (sign: string) => {
    const field = document.getElementById(WORDS_FIELD);
    if (!(field instanceof HTMLTextAreaElement)) return;
    const { selectionStart: start, selectionEnd: end } = field;
    type(words.slice(0, start) + sign + words.slice(end));
    setTimeout(() => {
      field.focus();
      field.setSelectionRange(start + sign.length, start + sign.length);
      noteEditing(piece.id, field);
    }, 0);
  };
  return (
    <Section title="Words">
      <textarea
        id={WORDS_FIELD}
        aria-label="Words"
        className="textarea textarea-sm my-1 min-h-0 w-full resize-y leading-snug"
        rows={Math.min(5, words.split("\n").length)}
        maxLength={5000}
        dir="auto"
        value={words}
        onChange={(event) => {
          type(event.target.value);
          noteEditing(piece.id, event.target);
        }}
        onSelect={(event) => noteEditing(piece.id, event.currentTarget)}
        onFocus={(event) => noteEditing(piece.id, event.currentTarget)}
        onKeyDown={(event) => {
          if (event.key === "Escape") event.currentTarget.blur();
        }}
        onBlur={(event) => {
          // The stretch stays chosen while its values are changed in the sheet.
          if (!event.currentTarget.closest("[data-sheet]")?.contains(event.relatedTarget)) {
            stopEditing();
          }
        }}
      />
      <div role="group" aria-label="Special characters" className="flex flex-wrap gap-0.5">
        {SIGNS.map((sign) => (
          <button
            key={sign}
            type="button"
            aria-label={`Insert ${sign}`}
            className="btn btn-ghost btn-xs min-w-0 px-1"
            onPointerDown={(event) => event.preventDefault()}
            onClick={() => insert(sign)}
          >
            {sign}
          </button>
        ))}
      </div>
      <RunSentence piece={piece} range={range} onChange={onChange} />
      <SettingSentence piece={piece} onChange={onChange} />
      <BoxSentence piece={piece} note={note} onChange={onChange} />
    </Section>
  );
}
