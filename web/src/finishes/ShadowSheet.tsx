import { Angle, Ink, Length, Percent, UnderFace } from "./fields";
import type { SheetProps } from "./sheet";

export function ShadowSheet({ finish, name, onChange }: SheetProps<"shadow">) {
  return (
    <>
      Falls{" "}
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
      of it firm, <Ink name={name} {...finish} onChange={onChange} />,{" "}
      <UnderFace
        name={name}
        value={finish.underFace}
        onChange={(underFace) => onChange({ underFace }, "")}
      />
      .
    </>
  );
}
