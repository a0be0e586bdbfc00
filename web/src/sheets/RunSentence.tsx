import type { Run, TextPiece } from "../api/client";
import { type Range, restyled, runAt, wordsOf } from "../document/runs";
import { useOverlay } from "../document/overlayStore";
import { AxesWords } from "../fonts/AxesWords";
import { FontChoice } from "../fonts/FontChoice";
import { useFonts } from "../fonts/useFonts";
import { WeightChoice } from "../fonts/WeightChoice";
import { Choice } from "../ui/Choice";
import { ColourField } from "../colour/ColourField";
import { NumberField } from "../ui/NumberField";
import { HouseFontChoice } from "./HouseFontChoice";

interface Props {
  piece: TextPiece;
  onChange: (next: (piece: TextPiece) => TextPiece, did: string, key: string) => void;
}

/**
 * How the chosen stretch is set, or the whole text if none is chosen: then the values are those at
 * the caret.
 *
 * @param caret the place in the words; -1 for none
 */
export function RunSentence(props: Props & { range: Range; caret: number }) {
  const { piece, range, caret, onChange } = props;
  const packageId = useOverlay((state) => state.packageId);
  const fonts = useFonts();
  const families = fonts.data ?? [];
  const part = range.start < range.end;
  const run = runAt(piece.runs, part ? range.start + 1 : Math.max(1, caret));
  if (!run) return null;
  const family = families.find((other) => other.name === run.family);
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
      <HouseFontChoice
        run={run}
        onChange={(follows, its) => restyle({ follows, family: its }, "Change the font")}
      />
      {run.follows === "" && (
        <FontChoice
          packageId={packageId}
          value={run.family}
          families={families}
          onChange={(name) => restyle({ family: name }, "Change the font")}
        />
      )}{" "}
      {family ? (
        <WeightChoice
          packageId={packageId}
          family={family}
          weight={run.weight}
          onChange={(weight) => restyle({ weight }, "Change the weight")}
        />
      ) : (
        `weight ${run.weight}`
      )}{" "}
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
      {family && (
        <AxesWords
          family={family}
          axes={run.axes}
          onChange={(axes) => restyle({ axes }, "Change the font’s axes")}
        />
      )}
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
