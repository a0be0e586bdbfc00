import { useEffect } from "react";
import type { Fit, Run, TextBox, TextPiece } from "../api/client";
import { type Range, restyled, runAt, typed, wordsOf } from "../document/runs";
import { noteEditing, stopEditing, useEditing, WORDS_FIELD } from "../stage/editing";
import { Choice } from "../ui/Choice";
import { ColourField } from "../ui/ColourField";
import { memoOn } from "../ui/memoOn";
import { NumberField } from "../ui/NumberField";
import { FontChoice } from "./FontChoice";
import { Section } from "./Section";
import { useFonts } from "./useFonts";

interface Props {
  piece: TextPiece;
  /** What was done to fit the words; empty for nothing. */
  note: string;
  onChange: (next: (piece: TextPiece) => TextPiece, did: string, key: string) => void;
}

const ALIGNMENTS = [
  ["LEFT", "left"],
  ["CENTRE", "centred"],
  ["RIGHT", "right"],
] as const;

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

/** How the chosen stretch is set, or the whole text if none is chosen. */
function RunSentence(props: Omit<Props, "note"> & { range: Range }) {
  const { piece, range, onChange } = props;
  const fonts = useFonts();
  const families = fonts.data ?? [];
  const part = range.start < range.end;
  const run = runAt(piece.runs, part ? range.start + 1 : 1);
  if (!run) return null;
  const family = families.find((other) => other.name === run.family);
  const weights = family?.weights ?? [{ weight: run.weight, name: String(run.weight) }];
  const nearest = weights.reduce((best, other) =>
    Math.abs(other.weight - run.weight) < Math.abs(best.weight - run.weight) ? other : best,
  );
  const restyle = (change: Partial<Run>, did: string) =>
    onChange(
      (text) => ({
        ...text,
        runs: restyled(text.runs, range, (same) => ({ ...same, ...change })),
      }),
      did,
      Object.keys(change).join(),
    );
  const byCaps = piece.setting.sizedBy === "CAP_HEIGHT";
  return (
    <div>
      {part && (
        <strong className="text-primary">
          “{wordsOf(piece.runs).slice(range.start, range.end).slice(0, 24)}”{" "}
        </strong>
      )}
      {part ? "is set in " : "Set in "}
      <FontChoice
        value={run.family}
        families={families}
        onChange={(name) => restyle({ family: name }, "Change the font")}
      />{" "}
      <Choice
        label="Weight"
        value={nearest.weight}
        options={weights.map((weight) => [weight.weight, weight.name] as const)}
        onChange={(weight) => restyle({ weight }, "Change the weight")}
      />{" "}
      at{" "}
      <NumberField
        label={byCaps ? "Cap height" : "Font size"}
        value={run.size}
        least={1}
        most={8000}
        unit=" px"
        onChange={(size) => restyle({ size }, "Change the size")}
      />{" "}
      by{" "}
      <Choice
        label="Size measures"
        value={piece.setting.sizedBy}
        options={[
          ["FONT_SIZE", "font size"],
          ["CAP_HEIGHT", "cap height"],
        ]}
        onChange={(sizedBy) =>
          onChange(
            (text) => ({ ...text, setting: { ...text.setting, sizedBy } }),
            "Measure the size otherwise",
            "",
          )
        }
      />
      , tracking{" "}
      <NumberField
        label="Tracking, thousandths of the size"
        value={run.tracking}
        least={-500}
        most={5000}
        step={5}
        digits={0}
        onChange={(tracking) => restyle({ tracking }, "Change the tracking")}
      />
      , in{" "}
      <Choice
        label="Colour of the words"
        value={run.ink.kind}
        options={[
          ["shared", "the text’s paint"],
          ["own", "a colour of its own"],
        ]}
        onChange={(kind) =>
          restyle(
            { ink: kind === "shared" ? { kind } : { kind, colour: "#f0a93f" } },
            "Change the colour of words",
          )
        }
      />
      {run.ink.kind === "own" && (
        <>
          {": "}
          <ColourField
            label="Own colour"
            value={run.ink.colour}
            onChange={(colour) =>
              restyle({ ink: { kind: "own", colour } }, "Change the colour of words")
            }
          />
        </>
      )}
      .
    </div>
  );
}

const SettingSentence = memoOn(Setting, ({ piece }) => [
  piece.id,
  piece.name,
  piece.setting,
  piece.runs.map((run) => run.family).join(),
]);

function Setting({ piece, onChange }: Omit<Props, "note">) {
  const fonts = useFonts();
  const { setting } = piece;
  const small = piece.runs.some(
    (run) => fonts.data?.find((family) => family.name === run.family)?.smallCapitals,
  );
  const reset = (change: Partial<TextPiece["setting"]>, did: string) =>
    onChange(
      (text) => ({ ...text, setting: { ...text.setting, ...change } }),
      did,
      Object.keys(change).join(),
    );
  return (
    <p>
      Lines are{" "}
      <Choice
        label="Alignment"
        value={setting.alignment}
        options={ALIGNMENTS}
        onChange={(alignment) => reset({ alignment }, "Align the lines")}
      />
      , leading{" "}
      <NumberField
        label="Leading, times the size"
        value={setting.leading}
        least={0.1}
        most={10}
        step={0.05}
        digits={2}
        onChange={(leading) => reset({ leading }, "Change the leading")}
      />
      , word space{" "}
      <NumberField
        label="Word spacing, thousandths of the size"
        value={setting.wordSpacing}
        least={-1000}
        most={10000}
        step={10}
        digits={0}
        onChange={(wordSpacing) => reset({ wordSpacing }, "Change the word spacing")}
      />
      ,{" "}
      <Choice
        label="Capitals"
        value={setting.capitals}
        options={[
          ["AS_TYPED", "letters as typed"],
          ["ALL", "all capitals"],
          ["SMALL", small ? "small capitals" : "small capitals (not in this font)"],
        ]}
        onChange={(capitals) => reset({ capitals }, "Change the capitals")}
      />
      , line ends{" "}
      <Choice
        label="Line ends"
        value={setting.hanging ? 1 : 0}
        options={[
          [0, "as the font has them"],
          [1, "hung by eye"],
        ]}
        onChange={(hanging) => reset({ hanging: hanging === 1 }, "Hang the line ends")}
      />
      .
    </p>
  );
}

const FITS: readonly (readonly [Fit["kind"], string])[] = [
  ["as-set", "stick out"],
  ["shrink", "shrink"],
  ["condense", "are narrowed"],
  ["wrap", "wrap"],
  ["refuse", "are refused"],
];

function fitOf(kind: Fit["kind"]): Fit {
  switch (kind) {
    case "shrink":
      return { kind, floor: 0.7 };
    case "condense":
      return { kind, floor: 0.8 };
    case "wrap":
      return { kind, lines: 2 };
    case "as-set":
    case "refuse":
      return { kind };
  }
}

/** Whether the words have a box, and what becomes of those too long for it. */
const BoxSentence = memoOn(Box, ({ piece, note }) => [
  piece.id,
  piece.name,
  piece.box,
  note,
  Math.max(...piece.runs.map((run) => run.size)),
]);

function Box({ piece, note, onChange }: Props) {
  const { box } = piece;
  const rebox = (next: TextBox, did: string, key: string) =>
    onChange((text) => ({ ...text, box: next }), did, key);
  const largest = Math.max(...piece.runs.map((run) => run.size));
  const given: TextBox = {
    kind: "given",
    width: Math.round(largest * 10),
    height: Math.round(largest * 1.5),
    upright: "MIDDLE",
    fit: fitOf("shrink"),
  };
  return (
    <p>
      The words have{" "}
      <Choice
        label="Box"
        value={box.kind}
        options={[
          ["free", "the room they need"],
          ["given", "a given box"],
        ]}
        onChange={(kind) =>
          rebox(
            kind === "free" ? { kind } : given,
            kind === "free" ? "Free the words of their box" : "Give the words a box",
            "",
          )
        }
      />
      {box.kind === "given" && <GivenBox box={box} onChange={rebox} />}.
      {note && (
        <span role="status" className="block text-xs text-primary">
          {note}
        </span>
      )}
    </p>
  );
}

type Given = Extract<TextBox, { kind: "given" }>;

function GivenBox(props: {
  box: Given;
  onChange: (box: TextBox, did: string, key: string) => void;
}) {
  const { box, onChange: rebox } = props;
  const { fit } = box;
  return (
    <>
      {" "}
      of{" "}
      <NumberField
        label="Width of the box"
        value={box.width}
        least={1}
        onChange={(width) => rebox({ ...box, width }, "Change the text’s box", "box-width")}
      />{" "}
      ×{" "}
      <NumberField
        label="Height of the box"
        value={box.height}
        least={1}
        unit=" px"
        onChange={(height) => rebox({ ...box, height }, "Change the text’s box", "box-height")}
      />
      , lie at its{" "}
      <Choice
        label="Lines in the box"
        value={box.upright}
        options={[
          ["TOP", "top"],
          ["MIDDLE", "middle"],
          ["BOTTOM", "bottom"],
        ]}
        onChange={(upright) => rebox({ ...box, upright }, "Change the text’s box", "")}
      />
      , and if too long{" "}
      <Choice
        label="Fit"
        value={fit.kind}
        options={FITS}
        onChange={(kind) => rebox({ ...box, fit: fitOf(kind) }, "Fit the words", "")}
      />
      {(fit.kind === "shrink" || fit.kind === "condense") && (
        <>
          {" "}
          to no less than{" "}
          <NumberField
            label="Smallest share, percent"
            value={Math.round(fit.floor * 100)}
            least={fit.kind === "shrink" ? 5 : 20}
            most={100}
            digits={0}
            unit=" %"
            onChange={(percent) =>
              rebox({ ...box, fit: { ...fit, floor: percent / 100 } }, "Fit the words", "floor")
            }
          />
        </>
      )}
      {fit.kind === "wrap" && (
        <>
          {" "}
          to at most{" "}
          <NumberField
            label="Most lines"
            value={fit.lines}
            least={1}
            most={100}
            digits={0}
            unit=" lines"
            onChange={(lines) =>
              rebox({ ...box, fit: { ...fit, lines: Math.round(lines) } }, "Fit the words", "lines")
            }
          />
        </>
      )}
    </>
  );
}
