import type { Carried, FileKind } from "../api/client";
import { Choice } from "../ui/Choice";
import { ColourField } from "../ui/ColourField";

interface Props {
  format: FileKind["format"];
  carried: Carried;
  onChange: (carried: Carried) => void;
}

function ofKind(kind: Carried["kind"]): Carried {
  switch (kind) {
    case "straight":
      return { kind };
    case "premultiplied":
      return { kind, matte: "#000000" };
    case "fill-and-key":
      return { kind, shaped: false };
    case "over-colour":
      return { kind, ground: "#808080" };
  }
}

/** How colours and alpha get into files. */
export function CarriedSentence({ format, carried, onChange }: Props) {
  return (
    <>
      <Choice
        label="Alpha kind"
        value={carried.kind}
        options={[
          ["straight", "straight alpha"],
          ...(format === "TIFF" ? [["premultiplied", "premultiplied alpha"] as const] : []),
          ["fill-and-key", "fill and key as two files"],
          ["over-colour", "no alpha, laid over a colour"],
        ]}
        onChange={(kind) => onChange(ofKind(kind))}
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
