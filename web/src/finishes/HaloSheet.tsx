import { Ink, Reach, UnderFace } from "./fields";
import type { SheetProps } from "./sheet";

export function HaloSheet({ finish, name, onChange }: SheetProps<"halo">) {
  return (
    <>
      All round over <Reach name={name} {...finish} onChange={onChange} />,{" "}
      <Ink name={name} {...finish} onChange={onChange} />,{" "}
      <UnderFace
        name={name}
        value={finish.underFace}
        onChange={(underFace) => onChange({ underFace }, "")}
      />
      .
    </>
  );
}
