import type { CutOut } from "../api/client";
import { Choice } from "../ui/Choice";
import { ColourField } from "../colour/ColourField";

type Ground = Extract<CutOut, { kind: "colour" }>["ground"];

const GROUNDS = [
  ["border", "found along its border"],
  ["colour", "this one:"],
] as const;

interface Props {
  ground: Ground;
  onChange: (ground: Ground, key: string) => void;
}

/** Which colour the ground of a picture has. */
export function GroundChoice({ ground, onChange }: Props) {
  return (
    <>
      <Choice
        label="Colour of the ground"
        value={ground.kind}
        options={GROUNDS}
        onChange={(kind) =>
          onChange(kind === "border" ? { kind } : { kind, colour: "#ffffff" }, "ground")
        }
      />
      {ground.kind === "colour" && (
        <>
          {" "}
          <ColourField
            label="Ground colour"
            value={ground.colour}
            onChange={(colour) => onChange({ kind: "colour", colour }, "colour")}
          />
        </>
      )}
    </>
  );
}
