import { Angle, Ink, Length, Percent } from "./fields";
import type { SheetProps } from "./sheet";

export function InsetSheet({ finish, name, onChange }: SheetProps<"inset">) {
  return (
    <>
      Falls into the face{" "}
      <Length
        label={`${name} distance`}
        value={finish.distance}
        onChange={(distance) => onChange({ distance }, "distance")}
      />{" "}
      towards{" "}
      <Angle
        label={`${name} angle`}
        value={finish.angle}
        onChange={(angle) => onChange({ angle }, "angle")}
      />
      , fades over{" "}
      <Length
        label={`${name} reach`}
        value={finish.reach}
        onChange={(reach) => onChange({ reach }, "reach")}
      />
      ,{" "}
      <Percent
        label={`${name} firmness`}
        value={finish.firmness}
        onChange={(firmness) => onChange({ firmness }, "firmness")}
      />{" "}
      of it firm, <Ink name={name} {...finish} onChange={onChange} />.
    </>
  );
}
