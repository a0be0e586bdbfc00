import { useId, useState } from "react";
import { flushSync } from "react-dom";
import type { CodePiece } from "../api/client";
import { ColourField } from "../colour/ColourField";
import { arrange } from "../document/arrange";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import { Section } from "../ui/Section";
import { ColumnChoices } from "./ColumnChoices";
import { completed } from "./openBrace";
import { useColumnChoices } from "./useColumnChoices";

interface Props {
  piece: CodePiece;
  /** How many modules it has and how large they are; empty if it is not drawn. */
  note: string;
  /** Of the package's rosters: they can be named in braces. */
  columns: readonly string[];
  onChange: (next: (piece: CodePiece) => CodePiece, did: string, key: string) => void;
}

/** The standard's four, by how much of the code may be hidden. */
const CORRECTIONS = [
  ["L", "7 %"],
  ["M", "15 %"],
  ["Q", "25 %"],
  ["H", "30 %"],
] as const;

/** Of a side, in px; the core refuses what lies beyond. */
const LEAST = 0.1;
const MOST = 100_000;

/** What a code opens, how it is drawn and how large. */
export function CodeSection({ piece, note, columns, onChange }: Props) {
  const [caret, setCaret] = useState(-1);
  const list = useId();
  const field = useId();
  const type = (words: string) => onChange((code) => ({ ...code, words }), "Type words", "words");
  const offered = useColumnChoices(piece.words, caret, columns, (column, open) => {
    const next = completed(piece.words, caret, open, column);
    flushSync(() => {
      type(next.words);
      setCaret(next.caret);
    });
    const area = document.getElementById(field);
    if (!(area instanceof HTMLTextAreaElement)) return;
    area.focus();
    area.setSelectionRange(next.caret, next.caret);
  });
  const choosing = offered.choices.length > 0;
  const noteCaret = ({ selectionStart: start, selectionEnd: end }: HTMLTextAreaElement) =>
    setCaret(start === end ? start : -1);
  return (
    <Section title="Code">
      <textarea
        id={field}
        aria-label="What the code says"
        className="textarea textarea-sm my-1 min-h-0 w-full resize-y break-all leading-snug"
        rows={Math.min(5, Math.max(1, Math.ceil(piece.words.length / 40)))}
        maxLength={2953}
        spellCheck={false}
        dir="auto"
        value={piece.words}
        aria-autocomplete="list"
        aria-controls={choosing ? list : undefined}
        aria-activedescendant={choosing ? `${list}-${offered.marked}` : undefined}
        onChange={(event) => {
          type(event.target.value);
          noteCaret(event.target);
        }}
        onSelect={(event) => noteCaret(event.currentTarget)}
        onBlur={() => setCaret(-1)}
        onKeyDown={(event) => {
          if (offered.onKey(event)) return;
          if (event.key === "Escape") event.currentTarget.blur();
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
      <p>
        A square of{" "}
        <NumberField
          label="Side"
          value={piece.side}
          least={LEAST}
          most={MOST}
          unit=" px"
          onChange={(side) => onChange((code) => ({ ...code, side }), "Size the code", "side")}
        />
        , its modules in{" "}
        <ColourField
          label="Ink of the code"
          value={piece.ink}
          onChange={(ink) => onChange((code) => ({ ...code, ink }), "Change the ink", "ink")}
        />{" "}
        with a rim of{" "}
        <NumberField
          label="Rim, modules"
          value={piece.rim}
          least={0}
          most={20}
          digits={0}
          onChange={(rim) =>
            onChange((code) => ({ ...code, rim: Math.round(rim) }), "Change the rim", "rim")
          }
        />{" "}
        modules on its ground; it is read with{" "}
        <Choice
          label="Share that may be hidden"
          value={piece.correction}
          options={CORRECTIONS}
          onChange={(correction) =>
            onChange((code) => ({ ...code, correction }), "Change the correction", "")
          }
        />{" "}
        of it hidden.
      </p>
      {note && <p className="text-xs leading-5 opacity-80">{note}</p>}
      <p>
        <button
          type="button"
          className="btn btn-xs"
          onClick={() => void arrange({ kind: "whole-pixels" }, `Whole pixels: ${piece.name}`)}
        >
          Put its modules on whole pixels
        </button>
      </p>
    </Section>
  );
}
