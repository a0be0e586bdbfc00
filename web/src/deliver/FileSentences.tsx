import type { FileKind, Frame, PlanLine } from "../api/client";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import { CarriedSentence } from "./CarriedSentence";
import { PackingSentence } from "./PackingSentence";
import { inFormat, useFileFormats } from "./useFileFormats";

interface Props {
  file: FileKind;
  /** What the file is for. */
  frame: Frame;
  /** Nothing as long as it is not known how large the file is, or if it has several sizes. */
  plan: PlanLine | undefined;
  onChange: (change: Partial<FileKind>) => void;
}

/** A kind of file as sentences with values to change. */
export function FileSentences({ file, frame, plan, onChange }: Props) {
  const { extent, format } = file;
  const formats = useFileFormats();
  const own = formats.find((one) => one.format === format);
  return (
    <>
      <p>
        Deliver{" "}
        <Choice
          label="Extent"
          value={extent.kind}
          options={[
            ["frame", "the whole frame"],
            ["drawn", "only the drawn part"],
          ]}
          onChange={(kind) =>
            onChange({
              extent: kind === "frame" ? { kind } : { kind, margin: 0, evenSides: false },
            })
          }
        />
        {extent.kind === "drawn" && (
          <>
            {" "}
            with{" "}
            <NumberField
              label="Margin"
              value={extent.margin}
              least={0}
              most={1000}
              digits={0}
              unit=" px"
              onChange={(margin) => onChange({ extent: { ...extent, margin: Math.round(margin) } })}
            />{" "}
            around it and{" "}
            <Choice
              label="Sides"
              value={extent.evenSides ? 1 : 0}
              options={[
                [0, "sides as they come"],
                [1, "even sides"],
              ]}
              onChange={(even) => onChange({ extent: { ...extent, evenSides: even === 1 } })}
            />
          </>
        )}
        {plan && plan.width > 0 && (
          <strong data-testid="pixel-size">
            {" "}
            — {plan.width} × {plan.height} px
            {extent.kind === "drawn" && `, lying ${plan.left} right, ${plan.top} down`}
          </strong>
        )}
        .
      </p>
      <p>
        As a{" "}
        <Choice
          label="File format"
          value={format}
          options={formats.map((one) => [one.format, one.words] as const)}
          onChange={(other) => {
            const chosen = formats.find((one) => one.format === other);
            if (chosen) {
              onChange(inFormat(file, chosen));
            }
          }}
        />{" "}
        of{" "}
        <Choice
          label="Bit depth"
          value={file.depth}
          options={[
            ["EIGHT", "8 bits"],
            ["SIXTEEN", "16 bits"],
          ]}
          onChange={(depth) => onChange({ depth })}
        />{" "}
        a channel with{" "}
        <CarriedSentence
          carries={own?.carries ?? []}
          carried={file.carried}
          onChange={(carried) => onChange({ carried })}
        />
        .
      </p>
      <PackingSentence
        file={file}
        compressions={own?.compressions ?? []}
        dots={frame.dotsPerInch}
        onChange={onChange}
      />
    </>
  );
}
