import { NumberField } from "../ui/NumberField";

interface Repetition {
  width: number;
  turn: number;
  right: number;
  down: number;
}

interface Props {
  repetition: Repetition;
  /** What is repeated, as labels call it. */
  what: "pattern" | "texture";
  named: (label: string) => string;
  onChange: (next: Partial<Repetition>, key: string) => void;
}

/** ", so wide, turned so far, begun there." */
export function RepetitionValues({ repetition, what, named, onChange }: Props) {
  const offset = what === "pattern" ? "Pattern offset" : "Texture offset";
  return (
    <>
      ,{" "}
      <NumberField
        label={named("Width of a repetition")}
        value={repetition.width}
        least={1}
        unit=" px"
        onChange={(width) => onChange({ width }, "repetition-width")}
      />{" "}
      wide, turned{" "}
      <NumberField
        label={named(`Turn of the ${what}`)}
        value={repetition.turn}
        least={-360}
        most={360}
        unit="°"
        onChange={(turn) => onChange({ turn }, "repetition-turn")}
      />
      , begun{" "}
      <NumberField
        label={named(`${offset} to the right`)}
        value={repetition.right}
        unit=" right"
        onChange={(right) => onChange({ right }, "repetition-right")}
      />
      ,{" "}
      <NumberField
        label={named(`${offset} downwards`)}
        value={repetition.down}
        unit=" down"
        onChange={(down) => onChange({ down }, "repetition-down")}
      />
      .
    </>
  );
}
