import { Choice } from "../ui/Choice";
import { ColourField } from "../colour/ColourField";
import { NumberField } from "../ui/NumberField";

interface ValueProps {
  label: string;
  value: number;
  onChange: (value: number) => void;
}

/** A reach, width or distance. */
export function Length({ label, value, onChange }: ValueProps) {
  return (
    <NumberField
      label={label}
      value={value}
      least={0}
      most={2000}
      step={value < 10 ? 0.5 : 1}
      unit=" px"
      onChange={onChange}
    />
  );
}

export function Angle({ label, value, onChange }: ValueProps) {
  return (
    <NumberField
      label={`${label}, degrees clockwise from the right`}
      value={value}
      least={-360}
      most={360}
      digits={0}
      unit="°"
      onChange={onChange}
    />
  );
}

/** A share of 0–1, shown in percent. */
export function Percent({ label, value, onChange, most = 100 }: ValueProps & { most?: number }) {
  return (
    <NumberField
      label={`${label}, percent`}
      value={Math.round(value * 1000) / 10}
      least={0}
      most={most}
      unit=" %"
      onChange={(percent) => onChange(percent / 100)}
    />
  );
}

interface FallProps {
  name: string;
  distance: number;
  angle: number;
  onChange: (fall: { distance?: number; angle?: number }, key: string) => void;
}

/** "so far towards this angle" */
export function Fall({ name, distance, angle, onChange }: FallProps) {
  return (
    <>
      <Length
        label={`${name} distance`}
        value={distance}
        onChange={(next) => onChange({ distance: next }, "distance")}
      />{" "}
      towards{" "}
      <Angle
        label={`${name} angle`}
        value={angle}
        onChange={(next) => onChange({ angle: next }, "angle")}
      />
    </>
  );
}

interface ReachProps {
  name: string;
  reach: number;
  firmness: number;
  /** Stands between the reach and its firm part. */
  between?: string;
  onChange: (reach: { reach?: number; firmness?: number }, key: string) => void;
}

/** "over so far, so many percent of it firm" */
export function Reach({ name, reach, firmness, between = "", onChange }: ReachProps) {
  return (
    <>
      <Length
        label={`${name} reach`}
        value={reach}
        onChange={(next) => onChange({ reach: next }, "reach")}
      />
      {between},{" "}
      <Percent
        label={`${name} firmness`}
        value={firmness}
        onChange={(next) => onChange({ firmness: next }, "firmness")}
      />{" "}
      of it firm
    </>
  );
}

interface InkProps {
  name: string;
  colour: string;
  opacity: number;
  onChange: (ink: { colour?: string; opacity?: number }, key: string) => void;
}

/** "in this colour at so many percent" */
export function Ink({ name, colour, opacity, onChange }: InkProps) {
  return (
    <>
      in{" "}
      <ColourField
        label={`${name} colour`}
        value={colour}
        onChange={(next) => onChange({ colour: next }, "colour")}
      />{" "}
      at{" "}
      <Percent
        label={`${name} opacity`}
        value={opacity}
        onChange={(next) => onChange({ opacity: next }, "opacity")}
      />
    </>
  );
}

const UNDER = [
  ["AUTOMATIC", "held out when the face is thin"],
  ["HELD_OUT", "held out under the face"],
  ["SHOWING", "showing through the face"],
] as const;

type Under = (typeof UNDER)[number][0];

export function UnderFace(props: { name: string; value: Under; onChange: (value: Under) => void }) {
  const { name, value, onChange } = props;
  return (
    <Choice label={`${name} under the face`} value={value} options={UNDER} onChange={onChange} />
  );
}
