import type { Paint, PictureSummary } from "../api/client";
import { Choice } from "../ui/Choice";
import { ColourField } from "../colour/ColourField";
import { NumberField } from "../ui/NumberField";
import { PatternValues } from "./PatternValues";
import { PictureOfPaint } from "./PictureOfPaint";
import { RepetitionValues } from "./RepetitionValues";

const FITS = [
  ["COVER", "covering it"],
  ["CONTAIN", "contained in it"],
  ["STRETCH", "stretched to it"],
] as const;

interface Props {
  paint: Paint;
  pictures: readonly PictureSummary[];
  /** Makes a label tell whose paint it is. */
  named: (label: string) => string;
  onChange: (paint: Paint, key: string) => void;
}

/** The end of the sentence: what the kind of paint needs to be told. */
export function PaintValues({ paint, pictures, named, onChange }: Props) {
  const percent = (label: string, share: number, give: (share: number) => void) => (
    <NumberField
      label={named(label)}
      value={Math.round(share * 1000) / 10}
      least={-1000}
      most={1000}
      unit=" %"
      onChange={(value) => give(value / 100)}
    />
  );
  switch (paint.kind) {
    case "flat":
      return (
        <>
          {": "}
          <ColourField
            label={named("Colour")}
            value={paint.colour}
            onChange={(colour) => onChange({ kind: "flat", colour }, "colour")}
          />
        </>
      );
    case "linear":
      return (
        <>
          {" "}
          at{" "}
          <NumberField
            label={named("Gradient direction in degrees")}
            value={paint.angle}
            least={-360}
            most={360}
            unit="°"
            onChange={(angle) => onChange({ ...paint, angle }, "gradient-angle")}
          />{" "}
          from{" "}
          {percent("Gradient start", paint.start, (start) =>
            onChange({ ...paint, start }, "gradient-start"),
          )}{" "}
          to{" "}
          {percent("Gradient end", paint.end, (end) => onChange({ ...paint, end }, "gradient-end"))}
          :
        </>
      );
    case "radial":
      return (
        <>
          {" "}
          around {percent("Middle across", paint.x, (x) =>
            onChange({ ...paint, x }, "gradient-x"),
          )}{" "}
          across, {percent("Middle down", paint.y, (y) => onChange({ ...paint, y }, "gradient-y"))}{" "}
          down, reaching{" "}
          {percent("Gradient radius", paint.radius, (radius) =>
            onChange({ ...paint, radius: Math.max(0.001, radius) }, "gradient-radius"),
          )}
          ,{" "}
          <Choice
            label={named("Shape of the gradient")}
            value={paint.stretched ? 1 : 0}
            options={[
              [0, "in circles"],
              [1, "stretched with the box"],
            ]}
            onChange={(stretched) => onChange({ ...paint, stretched: stretched === 1 }, "")}
          />
          :
        </>
      );
    case "conic":
      return (
        <>
          {" "}
          around {percent("Middle across", paint.x, (x) =>
            onChange({ ...paint, x }, "gradient-x"),
          )}{" "}
          across, {percent("Middle down", paint.y, (y) => onChange({ ...paint, y }, "gradient-y"))}{" "}
          down, from{" "}
          <NumberField
            label={named("Gradient direction in degrees")}
            value={paint.angle}
            least={-360}
            most={360}
            unit="°"
            onChange={(angle) => onChange({ ...paint, angle }, "gradient-angle")}
          />
          :
        </>
      );
    case "pattern":
      return <PatternValues paint={paint} named={named} onChange={onChange} />;
    case "texture":
      return (
        <>
          {": "}
          <PictureOfPaint
            label={named("Picture of the paint")}
            picture={paint.picture}
            pictures={pictures}
            onChange={(picture) => onChange({ ...paint, picture }, "")}
          />
          <RepetitionValues
            repetition={paint}
            what="texture"
            named={named}
            onChange={(next, key) => onChange({ ...paint, ...next }, key)}
          />
        </>
      );
    case "picture":
      return (
        <>
          {": "}
          <PictureOfPaint
            label={named("Picture of the paint")}
            picture={paint.picture}
            pictures={pictures}
            onChange={(picture) => onChange({ ...paint, picture }, "")}
          />
          ,{" "}
          <Choice
            label={named("Fit of the paint")}
            value={paint.fit}
            options={FITS}
            onChange={(fit) => onChange({ ...paint, fit }, "")}
          />
          .
        </>
      );
  }
}
