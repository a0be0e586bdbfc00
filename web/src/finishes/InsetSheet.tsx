import { Fall, Ink, Reach } from "./fields";
import type { SheetProps } from "./sheet";

export function InsetSheet({ finish, name, onChange }: SheetProps<"inset">) {
  return (
    <>
      Falls into the face <Fall name={name} {...finish} onChange={onChange} />, fades over{" "}
      <Reach name={name} {...finish} onChange={onChange} />,{" "}
      <Ink name={name} {...finish} onChange={onChange} />.
    </>
  );
}
