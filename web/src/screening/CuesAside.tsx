import { useMemo } from "react";
import type { Cue, CueList, CueSeries, KnownCues } from "../api/client";
import { CueSentence } from "../cues/CueSentence";
import { CueTable } from "../cues/CueTable";
import { Found } from "../cues/Found";
import { useStillChoices } from "../cues/stills";
import { Choice } from "../ui/Choice";
import { type Painted, stillKey } from "./paint";
import type { Reading } from "./StillShelf";

const READINGS: readonly (readonly [Reading, string])[] = [
  ["STRAIGHT", "read as straight"],
  ["PREMULTIPLIED", "read as premultiplied"],
  ["IGNORED", "ignored"],
];

/** What a wrong reading of a file's alpha looks like; empty for the right one. */
function misread(right: Reading | undefined, reading: Reading | undefined): string {
  if (!right || !reading || right === reading) return "";
  if (reading === "IGNORED") return "Without its alpha the still hides the clip.";
  return right === "STRAIGHT"
    ? "The file is straight: read like this its soft edges are too bright."
    : "The file is premultiplied: read like this its soft edges are too dark.";
}

interface Props {
  packageId: number;
  list: CueList;
  known: KnownCues;
  all: Painted;
  series: readonly CueSeries[];
  chosen: number | undefined;
  /** How the chosen cue's alpha is read now. */
  reading: Reading | undefined;
  labelOf: (cue: Cue) => string;
  onChoose: (cue: Cue | undefined) => void;
  onChange: (cue: Cue) => void;
  onRemove: (cue: Cue) => void;
  onReading: (reading: Reading) => void;
}

/** The cues as a table, the chosen one as a sentence, and what was found. */
export function CuesAside(props: Props) {
  const { packageId, list, known, all, series, chosen, reading, labelOf } = props;
  const { onChoose, onChange, onRemove, onReading } = props;
  const cue = list.cues.find(({ id }) => id === chosen);
  const still = cue && all.stills.get(stillKey(cue.still));
  // Rows of one table are told apart from overlays as they are by their having a number.
  const own = useMemo(
    () =>
      series.find(
        (one) =>
          cue &&
          one.overlay === cue.still.overlay &&
          one.target === cue.still.target &&
          (one.roster !== 0) === (cue.still.row !== 0),
      ),
    [series, cue],
  );
  const choices = useStillChoices(packageId, own);
  const told = misread(still?.reading, reading);
  return (
    <>
      <CueTable
        list={list}
        labelOf={labelOf}
        standingOf={(one) => all.stills.get(stillKey(one.still))?.standing}
        found={known.found}
        chosen={chosen}
        onChoose={onChoose}
      />
      {cue && (
        <CueSentence
          list={list}
          cue={cue}
          label={labelOf(cue)}
          stills={choices}
          alpha={
            reading ? (
              <>
                , its alpha{" "}
                <span className="whitespace-nowrap">
                  <Choice label="Alpha" value={reading} options={READINGS} onChange={onReading} />.
                </span>
              </>
            ) : (
              "."
            )
          }
          onChange={onChange}
          onRemove={() => onRemove(cue)}
        />
      )}
      {told && (
        <p role="note" className="px-3 pb-2 text-sm text-warning">
          {told}
        </p>
      )}
      <Found
        found={known.found}
        chosen={chosen}
        onChoose={(id) => onChoose(list.cues.find((one) => one.id === id))}
        onMend={onChange}
      />
    </>
  );
}
