import type { Carried } from "../api/client";
import { Choice } from "../ui/Choice";
import { ColourField } from "../colour/ColourField";

interface Props {
  /** A first value of each way that the format has. */
  carries: readonly Carried[];
  carried: Carried;
  onChange: (carried: Carried) => void;
}

const WORDS: Record<Carried["kind"], string> = {
  straight: "straight alpha",
  premultiplied: "premultiplied alpha",
  "fill-and-key": "fill and key as two files",
  "over-colour": "no alpha, laid over a colour",
};

/** How colours and alpha get into files. */
export function CarriedSentence({ carries, carried, onChange }: Props) {
  return (
    <>
      <Choice
        label="Alpha kind"
        value={carried.kind}
        options={carries.map(({ kind }) => [kind, WORDS[kind]] as const)}
        onChange={(kind) => {
          const chosen = carries.find((one) => one.kind === kind);
          if (chosen) {
            onChange(chosen);
          }
        }}
      />
      {carried.kind === "premultiplied" && (
        <>
          {" "}
          on{" "}
          <ColourField
            label="Matte"
            value={carried.matte}
            onChange={(matte) => onChange({ ...carried, matte })}
          />
        </>
      )}
      {carried.kind === "fill-and-key" && (
        <>
          , the fill{" "}
          <Choice
            label="Fill"
            value={carried.shaped ? 1 : 0}
            options={[
              [0, "in full colour"],
              [1, "shaped by its key"],
            ]}
            onChange={(shaped) => onChange({ ...carried, shaped: shaped === 1 })}
          />
        </>
      )}
      {carried.kind === "over-colour" && (
        <>
          ,{" "}
          <ColourField
            label="Colour beneath"
            value={carried.ground}
            onChange={(ground) => onChange({ ...carried, ground })}
          />
        </>
      )}
    </>
  );
}
