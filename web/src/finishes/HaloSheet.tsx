import { Ink, Length, Percent, UnderFace } from "./fields";
import type { SheetProps } from "./sheet";

export function HaloSheet({ finish, name, onChange }: SheetProps<"halo">) {
  return (
    <>
      All round over{" "}
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
