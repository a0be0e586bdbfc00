import type { PictureSummary, Tint } from "../api/client";
import { Angle, Percent } from "../finishes/fields";
import { Stops } from "../paint/Stops";
import { Choice } from "../ui/Choice";
import { ColourField } from "../colour/ColourField";
import { NumberField } from "../ui/NumberField";
import { TINTS, tintOf } from "./kinds";

interface Props {
  tint: Tint;
  picture: PictureSummary | undefined;
  onChange: (tint: Tint, key: string) => void;
}

/** The colours a picture is shown in. */
export function TintSentence({ tint, picture, onChange }: Props) {
  return (
    <>
      <p>
        Shown in{" "}
        <Choice
          label="Colours of the picture"
          value={tint.kind}
          options={TINTS}
          onChange={(kind) => onChange(tintOf(kind, picture), "")}
        />
        {tint.kind === "one" && (
          <>
            {" "}
            <ColourField
              label="Tint"
              value={tint.colour}
              onChange={(colour) => onChange({ kind: "one", colour }, "tint")}
            />
          </>
        )}
        {tint.kind === "gradient" && (
          <>
            {" "}
            towards{" "}
            <Angle
              label="Tint angle"
              value={tint.angle}
              onChange={(angle) => onChange({ ...tint, angle }, "tint-angle")}
            />
          </>
        )}
        .
      </p>
      {tint.kind === "gradient" && (
        <Stops
          stops={tint.stops}
          named={(label) => label}
          onChange={(stops, key) => onChange({ ...tint, stops }, key && `tint-${key}`)}
        />
      )}
      {tint.kind === "adjusted" && <Adjustments tint={tint} onChange={onChange} />}
      {tint.kind === "replaced" && <Replacements tint={tint} onChange={onChange} />}
    </>
  );
}

type Of<K extends Tint["kind"]> = Extract<Tint, { kind: K }>;

function Adjustments(props: { tint: Of<"adjusted">; onChange: Props["onChange"] }) {
  const { tint, onChange } = props;
  const set = (change: Partial<Of<"adjusted">>, key: string) =>
    onChange({ ...tint, ...change }, `tint-${key}`);
  return (
    <p>
      Black from{" "}
      <Percent
        label="Low level"
        value={tint.low}
        onChange={(low) => set({ low: Math.min(low, tint.high - 0.01) }, "low")}
      />{" "}
      down, white from{" "}
      <Percent
        label="High level"
        value={tint.high}
        onChange={(high) => set({ high: Math.max(high, tint.low + 0.01) }, "high")}
      />{" "}
      up, the middle to the power of{" "}
      <NumberField
        label="Middle level"
        value={tint.middle}
        least={0.1}
        most={10}
        step={0.1}
        digits={2}
        onChange={(middle) => set({ middle }, "middle")}
      />
      ,{" "}
      <Choice
        label="Light and dark"
        value={tint.inverted ? 1 : 0}
        options={[
          [0, "as it is"],
          [1, "inverted"],
        ]}
        onChange={(inverted) => set({ inverted: inverted === 1 }, "")}
      />
      . Hues turned by{" "}
      <NumberField
        label="Turn of the hues, degrees"
        value={tint.hue}
        least={-180}
        most={180}
        digits={0}
        unit="°"
        onChange={(hue) => set({ hue }, "hue")}
      />
      , saturation{" "}
      <Percent
        label="Saturation"
        value={tint.saturation}
        most={400}
        onChange={(saturation) => set({ saturation }, "saturation")}
      />
      ,{" "}
      <NumberField
        label="Lightness, percent"
        value={Math.round(tint.lightness * 1000) / 10}
        least={-100}
        most={100}
        unit=" %"
        onChange={(lightness) => set({ lightness: lightness / 100 }, "lightness")}
      />{" "}
      lighter.
    </p>
  );
}

function Replacements(props: { tint: Of<"replaced">; onChange: Props["onChange"] }) {
  const { tint, onChange } = props;
  const exchange = (i: number, next: (typeof tint.colours)[number], key: string) =>
    onChange(
      { ...tint, colours: tint.colours.map((one, j) => (j === i ? next : one)) },
      `tint-${key}-${i}`,
    );
  return (
    <ol aria-label="Replaced colours">
      {tint.colours.map((one, i) => (
        <li key={i} className="flex flex-wrap items-center gap-1">
          <ColourField
            label={`Colour ${i + 1}`}
            value={one.from}
            onChange={(from) => exchange(i, { ...one, from }, "from")}
          />
          is shown as
          <ColourField
            label={`Colour ${i + 1} becomes`}
            value={one.to}
            onChange={(to) => exchange(i, { ...one, to }, "to")}
          />
          <button
            type="button"
            className="btn btn-ghost btn-xs"
            aria-label={`Keep colour ${i + 1}`}
            onClick={() => onChange({ ...tint, colours: tint.colours.toSpliced(i, 1) }, "")}
          >
            ×
          </button>
        </li>
      ))}
      {tint.colours.length < 32 && (
        <li>
          <button
            type="button"
            className="btn btn-ghost btn-xs"
            onClick={() =>
              onChange(
                { ...tint, colours: [...tint.colours, { from: "#808080", to: "#808080" }] },
                "",
              )
            }
          >
            Another colour
          </button>
        </li>
      )}
    </ol>
  );
}
