import { useEffect, useId } from "react";
import { flushSync } from "react-dom";
import type { TextPiece } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { type Range, typed, wordsOf } from "../document/runs";
import { linesOf, splitLines } from "../document/splitLines";
import { noteEditing, stopEditing, useEditing, WORDS_FIELD } from "../stage/editing";
import { BoxSentence } from "./BoxSentence";
import { ColumnChoices } from "./ColumnChoices";
import { completed } from "./openBrace";
import { RunSentence } from "./RunSentence";
import { Section } from "../ui/Section";
import { SettingSentence } from "./SettingSentence";
import { useColumnChoices } from "./useColumnChoices";

interface Props {
  piece: TextPiece;
  /** What was done to fit the words; empty for nothing. */
  note: string;
  /** How large the words are as they are seen, in display units. */
  seen: { width: number; height: number };
  /** Of the package's rosters: they can be named in braces. */
  columns: readonly string[];
  onChange: (next: (piece: TextPiece) => TextPiece, did: string, key: string) => void;
}

const SIGNS = ["©", "™", "–", "—", "“", "”", "‘", "’", "·", "…", "×", "→", "°"];

/** What a text says and how it is set. */
export function WordsSection({ piece, note, seen, columns, onChange }: Props) {
  const words = wordsOf(piece.runs);
  const editing = useEditing();
  const range: Range =
    editing.id === piece.id && editing.start < editing.end ? editing : { start: 0, end: 0 };
  useEffect(() => stopEditing, [piece.id]);
  const type = (next: string) =>
    onChange((text) => ({ ...text, runs: typed(text.runs, next) }), "Type words", "words");
  const typeAt = (next: string, caret: number) => {
    // At once: a key that is pressed next must not find the caret elsewhere.
    flushSync(() => type(next));
    const field = document.getElementById(WORDS_FIELD);
    if (!(field instanceof HTMLTextAreaElement)) return;
    field.focus();
    field.setSelectionRange(caret, caret);
    noteEditing(piece.id, field);
  };
  const insert = (sign: string) => {
    const field = document.getElementById(WORDS_FIELD);
    if (!(field instanceof HTMLTextAreaElement)) return;
    const { selectionStart: start, selectionEnd: end } = field;
    typeAt(words.slice(0, start) + sign + words.slice(end), start + sign.length);
  };
  const caret = editing.id === piece.id && editing.start === editing.end ? editing.start : -1;
  const offered = useColumnChoices(words, caret, columns, (column, open) => {
    const next = completed(words, caret, open, column);
    typeAt(next.words, next.caret);
  });
  const lines = linesOf(piece).length;
  const list = useId();
  const choosing = offered.choices.length > 0;
  return (
    <Section title="Words">
      <textarea
        id={WORDS_FIELD}
        aria-label="Words"
        className="textarea textarea-sm my-1 min-h-0 w-full resize-y leading-snug"
        rows={Math.min(5, words.split("\n").length)}
        maxLength={5000}
        spellCheck
        dir="auto"
        value={words}
        aria-autocomplete="list"
        aria-controls={choosing ? list : undefined}
        aria-activedescendant={choosing ? `${list}-${offered.marked}` : undefined}
        onChange={(event) => {
          type(event.target.value);
          noteEditing(piece.id, event.target);
        }}
        onSelect={(event) => noteEditing(piece.id, event.currentTarget)}
        onFocus={(event) => noteEditing(piece.id, event.currentTarget)}
        onKeyDown={(event) => {
          if (offered.onKey(event)) return;
          if (event.key === "Escape") event.currentTarget.blur();
        }}
        onBlur={(event) => {
          // The stretch stays chosen while its values are changed in the sheet.
          if (!event.currentTarget.closest("[data-sheet]")?.contains(event.relatedTarget)) {
            stopEditing();
          }
        }}
      />
      {choosing && (
        <ColumnChoices
          id={list}
          columns={offered.choices}
          marked={offered.marked}
          onTake={offered.take}
        />
      )}
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
      {lines > 1 && (
        <button
          type="button"
          className="btn btn-xs my-1"
          onClick={() =>
            useOverlay
              .getState()
              .change((overlay) => splitLines(overlay, piece.id), `Split ${piece.name} into texts`)
          }
        >
          Make each of its {lines} lines a text
        </button>
      )}
      <RunSentence piece={piece} range={range} caret={caret} onChange={onChange} />
      <SettingSentence piece={piece} onChange={onChange} />
      <BoxSentence piece={piece} note={note} seen={seen} onChange={onChange} />
    </Section>
  );
}
