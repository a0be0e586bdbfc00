import { Fall, Ink, Reach, UnderFace } from "./fields";
import type { SheetProps } from "./sheet";

export function ShadowSheet({ finish, name, onChange }: SheetProps<"shadow">) {
  return (
    <>
      Falls <Fall name={name} {...finish} onChange={onChange} />, fades over{" "}
      <Reach name={name} {...finish} onChange={onChange} />,{" "}
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
