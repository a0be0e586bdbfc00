import type { Marking } from "../api/client";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import {
  type CornerWord,
  cornerOf,
  inUnit,
  numberOf,
  PIN_WORDS,
  withNumber,
  wordOf,
} from "./marking";

interface Props {
  marking: Marking;
  onChange: (marking: Marking) => void;
}

const CORNERS: readonly (readonly [CornerWord, string])[] = [
  ["BOTTOM_RIGHT", PIN_WORDS.BOTTOM_RIGHT],
  ["BOTTOM_LEFT", PIN_WORDS.BOTTOM_LEFT],
  ["TOP_RIGHT", PIN_WORDS.TOP_RIGHT],
  ["TOP_LEFT", PIN_WORDS.TOP_LEFT],
  ["CENTRE", PIN_WORDS.CENTRE],
  ["TOP", PIN_WORDS.TOP],
  ["BOTTOM", PIN_WORDS.BOTTOM],
  ["quietest", "the quietest corner"],
  ["quietest below", "the quieter lower corner"],
];

const UNITS = [
  ["share", "% of the shorter side"],
  ["pixels", "px"],
] as const;

/** Where a mark hangs, how large, and in which dress. */
export function MarkingSentence({ marking, onChange }: Props) {
  const set = (change: Partial<Marking>) => onChange({ ...marking, ...change });
  return (
    <>
      hangs from{" "}
      <Choice
        label="Corner"
        value={wordOf(marking.corner)}
        options={CORNERS}
        onChange={(word) => set({ corner: cornerOf(word) })}
      />
      ,{" "}
      <NumberField
        label="Size of the mark"
        value={numberOf(marking.size)}
        least={marking.size.kind === "share" ? 0.1 : 1}
        most={marking.size.kind === "share" ? 100 : 20_000}
        onChange={(number) => set({ size: withNumber(marking.size, number) })}
      />{" "}
      <Choice
        label="Unit of the size"
        value={marking.size.kind}
        options={UNITS}
        onChange={(kind) => set({ size: inUnit(kind, 0.25, 300) })}
      />{" "}
      long,{" "}
      <NumberField
        label="Margin of the mark"
        value={numberOf(marking.margin)}
        least={0}
        most={marking.margin.kind === "share" ? 45 : 10_000}
        onChange={(number) => set({ margin: withNumber(marking.margin, number) })}
      />{" "}
      <Choice
        label="Unit of the margin"
        value={marking.margin.kind}
        options={UNITS}
        onChange={(kind) => set({ margin: inUnit(kind, 0.03, 36) })}
      />{" "}
      from the edge, at{" "}
      <NumberField
        label="Opacity of the mark"
        value={marking.opacity * 100}
        least={1}
        most={100}
        digits={0}
        unit="%"
        onChange={(percent) => set({ opacity: percent / 100 })}
      />
      , in{" "}
      <Choice
        label="Dress of the mark"
        value={marking.dress}
        options={[
          ["AUTO", "the dress that stands out better"],
          ["LIGHT", "its lighter dress"],
          ["DARK", "its darker dress"],
          ["AS_DRAWN", "its own dress"],
        ]}
        onChange={(dress) => set({ dress })}
      />
    </>
  );
}
