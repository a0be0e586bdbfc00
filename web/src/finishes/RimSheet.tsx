import { Ink, Length, Percent } from "./fields";
import type { SheetProps } from "./sheet";

export function RimSheet({ finish, name, onChange }: SheetProps<"rim">) {
  return (
    <>
      Glows{" "}
      <Length
        label={`${name} reach`}
        value={finish.reach}
        onChange={(reach) => onChange({ reach }, "reach")}
      />{" "}
      inwards from the edge,{" "}
      <Percent
        label={`${name} firmness`}
        value={finish.firmness}
        onChange={(firmness) => onChange({ firmness }, "firmness")}
      />{" "}
      of it firm, <Ink name={name} {...finish} onChange={onChange} />.
    </>
  );
}
