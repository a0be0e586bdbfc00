import { Choice } from "../ui/Choice";
import { Ink, Length, UnderFace } from "./fields";
import type { SheetProps } from "./sheet";

const SIDES = [
  ["OUTSIDE", "outside"],
  ["CENTRED", "on"],
  ["INSIDE", "inside"],
] as const;

const CORNERS = [
  ["ROUND", "round"],
  ["MITRED", "mitred"],
  ["BEVELLED", "bevelled"],
] as const;

export function OutlineSheet({ finish, name, onChange }: SheetProps<"outline">) {
  return (
    <>
      A line of{" "}
      <Length
        label={`${name} width`}
        value={finish.width}
        onChange={(width) => onChange({ width }, "width")}
      />{" "}
      <Choice
        label={`${name} side`}
        value={finish.side}
        options={SIDES}
        onChange={(side) => onChange({ side }, "")}
      />{" "}
      the edge with{" "}
      <Choice
        label={`${name} corners`}
        value={finish.corners}
        options={CORNERS}
        onChange={(corners) => onChange({ corners }, "")}
      />{" "}
      corners, <Ink name={name} {...finish} onChange={onChange} />
      {finish.side !== "INSIDE" && (
        <>
          ,{" "}
          <UnderFace
            name={name}
            value={finish.underFace}
            onChange={(underFace) => onChange({ underFace }, "")}
          />
        </>
      )}
      .
    </>
  );
}
