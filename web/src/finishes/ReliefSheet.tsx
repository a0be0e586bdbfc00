import { Choice } from "../ui/Choice";
import { ColourField } from "../colour/ColourField";
import { NumberField } from "../ui/NumberField";
import { Angle, Length, Percent } from "./fields";
import type { SheetProps } from "./sheet";

const SENSES = [
  [0, "Rises"],
  [1, "Sinks"],
] as const;

const PROFILES = [
  ["ROUND", "rounded"],
  ["FLAT_CUT", "cut flat"],
  ["SOFT", "soft"],
] as const;

export function ReliefSheet({ finish, name, onChange }: SheetProps<"relief">) {
  return (
    <>
      <Choice
        label={`${name} raised or sunk`}
        value={finish.sunk ? 1 : 0}
        options={SENSES}
        onChange={(sunk) => onChange({ sunk: sunk === 1 }, "")}
      />{" "}
      over{" "}
      <Length
        label={`${name} width`}
        value={finish.width}
        onChange={(width) => onChange({ width }, "width")}
      />
      ,{" "}
      <Choice
        label={`${name} profile`}
        value={finish.profile}
        options={PROFILES}
        onChange={(profile) => onChange({ profile }, "")}
      />
      ,{" "}
      <Percent
        label={`${name} depth`}
        value={finish.depth}
        most={1000}
        onChange={(depth) => onChange({ depth }, "depth")}
      />{" "}
      as deep as wide. Light comes from{" "}
      <Angle
        label={`${name} light from`}
        value={finish.angle}
        onChange={(angle) => onChange({ angle }, "angle")}
      />
      ,{" "}
      <NumberField
        label={`${name} light height, degrees`}
        value={finish.height}
        least={0}
        most={90}
        digits={0}
        unit="°"
        onChange={(height) => onChange({ height }, "height")}
      />{" "}
      high: lit{" "}
      <ColourField
        label={`${name} light`}
        value={finish.light}
        onChange={(light) => onChange({ light }, "light")}
      />{" "}
      at{" "}
      <Percent
        label={`${name} light opacity`}
        value={finish.lightOpacity}
        onChange={(lightOpacity) => onChange({ lightOpacity }, "light-opacity")}
      />
      , shaded{" "}
      <ColourField
        label={`${name} shade`}
        value={finish.shade}
        onChange={(shade) => onChange({ shade }, "shade")}
      />{" "}
      at{" "}
      <Percent
        label={`${name} shade opacity`}
        value={finish.shadeOpacity}
        onChange={(shadeOpacity) => onChange({ shadeOpacity }, "shade-opacity")}
      />
      ; both at{" "}
      <Percent
        label={`${name} opacity`}
        value={finish.opacity}
        onChange={(opacity) => onChange({ opacity }, "opacity")}
      />
      .
    </>
  );
}
