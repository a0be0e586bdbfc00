import { Choice } from "../ui/Choice";
import { Length } from "./fields";
import type { SheetProps } from "./sheet";

const SIDES = [
  ["INSIDE", "inside"],
  ["OUTSIDE", "outside"],
  ["BOTH", "on both sides of"],
] as const;

export function SoftenSheet({ finish, name, onChange }: SheetProps<"soften">) {
  return (
    <>
      Fades over{" "}
      <Length
        label={`${name} reach`}
        value={finish.reach}
        onChange={(reach) => onChange({ reach }, "reach")}
      />{" "}
      <Choice
        label={`${name} side`}
        value={finish.side}
        options={SIDES}
        onChange={(side) => onChange({ side }, "")}
      />{" "}
      the edge.
    </>
  );
}
