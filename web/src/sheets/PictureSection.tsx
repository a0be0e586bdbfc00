import type { PicturePiece, PictureSummary } from "../api/client";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import { Section } from "./Section";

interface Props {
  piece: PicturePiece;
  pictures: PictureSummary[];
  onChange: (next: (piece: PicturePiece) => PicturePiece, key: string) => void;
}

/** Which picture a piece shows, and how large. Sides keep their proportion. */
export function PictureSection({ piece, pictures, onChange }: Props) {
  const own = pictures.find((picture) => picture.name === piece.picture);
  const known = pictures.map((picture) => [picture.name, picture.name] as const);
  const names = own ? known : [[piece.picture, `${piece.picture} (missing)`] as const, ...known];
  const scaled = (factor: number) =>
    onChange(
      (picture) => ({
        ...picture,
        width: Math.round(picture.width * factor * 100) / 100,
        height: Math.round(picture.height * factor * 100) / 100,
      }),
      "size",
    );
  return (
    <Section title="Picture">
      <p>
        Shows{" "}
        <Choice
          label="Picture"
          value={piece.picture}
          options={names}
          onChange={(picture) => onChange((same) => ({ ...same, picture }), "picture")}
        />{" "}
        at{" "}
        <NumberField
          label="Width"
          value={piece.width}
          least={0.1}
          onChange={(width) => scaled(width / piece.width)}
        />{" "}
        ×{" "}
        <NumberField
          label="Height"
          value={piece.height}
          least={0.1}
          unit=" px"
          onChange={(height) => scaled(height / piece.height)}
        />
        .
      </p>
      {own && (
        <p className="text-xs leading-5 opacity-80">
          Its own size is {own.width} × {own.height}, so it is shown at{" "}
          {Math.round((100 * piece.width) / own.width)} %
          {piece.width > own.width && (
            <strong className="text-warning"> — larger than it is, which makes it soft</strong>
          )}
          .
        </p>
      )}
    </Section>
  );
}
