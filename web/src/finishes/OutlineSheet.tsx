import { Choice } from "../ui/Choice";
import { PaintChoice } from "../paint/PaintChoice";
import { Length, Percent, UnderFace } from "./fields";
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

export function OutlineSheet(props: SheetProps<"outline">) {
  const { finish, name, pictures, face, onChange } = props;
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
      corners at{" "}
      <Percent
        label={`${name} opacity`}
        value={finish.opacity}
        onChange={(opacity) => onChange({ opacity }, "opacity")}
      />
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
      , filled with{" "}
      <PaintChoice
        paint={finish.paint}
        pictures={pictures}
        of={name}
        face={face}
        onChange={(paint, key) => onChange({ paint }, `paint-${key}`)}
      />
    </>
  );
}
