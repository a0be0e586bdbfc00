import type { Paint, PictureSummary } from "../api/client";
import { Choice } from "../ui/Choice";
import { kindsFor, otherKind, showsPicture, turnedRound } from "./kinds";
import { PaintValues } from "./PaintValues";
import { Stops } from "./Stops";
import { useHouseTextures } from "./useHouseTextures";

interface Props {
  paint: Paint;
  pictures: readonly PictureSummary[];
  /** Whose paint it is, for the labels of its values; nothing for the piece's own. */
  of?: string;
  /** The paint of the face, which a line along its edge can take over. */
  face?: Paint | undefined;
  onChange: (paint: Paint, key: string) => void;
}

/** A paint as the end of a sentence: its kind, its values and its colours. */
export function PaintChoice({ paint, pictures, of = "", face, onChange }: Props) {
  const named = (label: string) =>
    of ? `${of} ${label.charAt(0).toLowerCase()}${label.slice(1)}` : label;
  const { textures, take: takeOfHouse } = useHouseTextures(pictures);
  const take = (kind: Paint["kind"] | "face" | "face-turned") => {
    if (kind === "face" || kind === "face-turned") {
      if (face) onChange(kind === "face" ? face : turnedRound(face), "");
    } else if (showsPicture(kind) && pictures.length === 0 && textures[0]) {
      takeOfHouse(textures[0].name, (taken) => onChange(otherKind(paint, kind, [taken]), ""));
    } else onChange(otherKind(paint, kind, pictures), "");
  };
  return (
    <>
      <Choice
        label={named("Kind of paint")}
        value={paint.kind}
        options={[
          ...kindsFor(paint, pictures.length + textures.length),
          ...(face
            ? ([
                ["face", "what its face has"],
                ["face-turned", "what its face has, turned round"],
              ] as const)
            : []),
        ]}
        onChange={take}
      />
      <PaintValues paint={paint} pictures={pictures} named={named} onChange={onChange} />
      {("stops" in paint || paint.kind === "pattern") && (
        <>
          {"stops" in paint && (
            <Stops
              stops={paint.stops}
              named={named}
              onChange={(stops, key) => onChange({ ...paint, stops }, key)}
            />
          )}
          <button
            type="button"
            className="btn btn-ghost btn-xs"
            aria-label={named("Turn round")}
            onClick={() => onChange(turnedRound(paint), "")}
          >
            Turn round
          </button>
        </>
      )}
    </>
  );
}
