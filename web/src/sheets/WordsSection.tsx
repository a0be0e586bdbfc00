import type { TextPiece } from "../api/client";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import { Section } from "./Section";
import { useFonts } from "./useFonts";

interface Props {
  piece: TextPiece;
  onChange: (next: (piece: TextPiece) => TextPiece, key: string) => void;
}

const ALIGNMENTS = [
  ["LEFT", "left"],
  ["CENTRE", "centred"],
  ["RIGHT", "right"],
] as const;

/** What a text says and how it is set. */
export function WordsSection({ piece, onChange }: Props) {
  const fonts = useFonts();
  const { style } = piece;
  const family = fonts.data?.find((other) => other.name === style.family);
  const weights = family?.weights ?? [{ weight: style.weight, name: String(style.weight) }];
  const nearest = weights.reduce((best, other) =>
    Math.abs(other.weight - style.weight) < Math.abs(best.weight - style.weight) ? other : best,
  );
  const restyle = (change: Partial<TextPiece["style"]>) =>
    onChange(
      (text) => ({ ...text, style: { ...text.style, ...change } }),
      Object.keys(change).join(),
    );
  return (
    <Section title="Words">
      <textarea
        aria-label="Words"
        className="textarea textarea-sm my-1 min-h-0 w-full resize-y leading-snug"
        rows={Math.min(5, piece.words.split("\n").length)}
        maxLength={5000}
        dir="auto"
        value={piece.words}
        onChange={(event) => {
          const words = event.target.value;
          onChange((text) => ({ ...text, words }), "words");
        }}
      />
      <p>
        Set in{" "}
        <Choice
          label="Font family"
          value={style.family}
          options={(fonts.data ?? [{ name: style.family }]).map((f) => [f.name, f.name] as const)}
          onChange={(name) => restyle({ family: name })}
        />{" "}
        <Choice
          label="Weight"
          value={nearest.weight}
          options={weights.map((weight) => [weight.weight, weight.name] as const)}
          onChange={(weight) => restyle({ weight })}
        />{" "}
        at{" "}
        <NumberField
          label="Font size"
          value={style.size}
          least={1}
          most={8000}
          unit=" px"
          onChange={(size) => restyle({ size })}
        />
        .
      </p>
      <p>
        Lines are{" "}
        <Choice
          label="Alignment"
          value={style.alignment}
          options={ALIGNMENTS}
          onChange={(alignment) => restyle({ alignment })}
        />
        , leading{" "}
        <NumberField
          label="Leading, times the size"
          value={style.leading}
          least={0.1}
          most={10}
          step={0.05}
          digits={2}
          onChange={(leading) => restyle({ leading })}
        />
        , tracking{" "}
        <NumberField
          label="Tracking, thousandths of the size"
          value={style.tracking}
          least={-500}
          most={5000}
          step={5}
          digits={0}
          onChange={(tracking) => restyle({ tracking })}
        />
        .
      </p>
    </Section>
  );
}
