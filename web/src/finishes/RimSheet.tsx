import { Ink, Reach } from "./fields";
import type { SheetProps } from "./sheet";

export function RimSheet({ finish, name, onChange }: SheetProps<"rim">) {
  return (
    <>
      Glows <Reach name={name} {...finish} between=" inwards from the edge" onChange={onChange} />,{" "}
      <Ink name={name} {...finish} onChange={onChange} />.
    </>
  );
}
