import type { TextPiece } from "../api/client";
import { LetterformsSentence } from "../fonts/LetterformsSentence";
import { has } from "../fonts/letterforms";
import { useFonts } from "../fonts/useFonts";
import { Choice } from "../ui/Choice";
import { memoOn } from "../ui/memoOn";
import { NumberField } from "../ui/NumberField";

interface Props {
  piece: TextPiece;
  onChange: (next: (piece: TextPiece) => TextPiece, did: string, key: string) => void;
}

const ALIGNMENTS = [
  ["LEFT", "left"],
  ["CENTRE", "centred"],
  ["RIGHT", "right"],
] as const;

/** How all of a text is set. */
export const SettingSentence = memoOn(Setting, ({ piece }) => [
  piece.id,
  piece.name,
  piece.setting,
  piece.runs.map((run) => run.family).join(),
]);

function Setting({ piece, onChange }: Props) {
  const fonts = useFonts();
  const { setting } = piece;
  const families = (fonts.data ?? []).filter((family) =>
    piece.runs.some((run) => run.family === family.name),
  );
  const small = has(families, "smcp");
  const reset = (change: Partial<TextPiece["setting"]>, did: string) =>
    onChange(
      (text) => ({ ...text, setting: { ...text.setting, ...change } }),
      did,
      Object.keys(change).join(),
    );
  return (
    <>
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
      <LetterformsSentence
        forms={setting.letterforms}
        families={families}
        onChange={(letterforms, did) => reset({ letterforms }, did)}
      />
    </>
  );
}
