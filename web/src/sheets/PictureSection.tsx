import type { PicturePiece, PictureSummary } from "../api/client";
import { arrange } from "../document/arrange";
import { PictureFactsNote } from "../pictures/PictureFactsNote";
import { ownSize } from "../pictures/ownSize";
import { isVector } from "../pictures/usePictures";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import { Section } from "../ui/Section";

interface Props {
  piece: PicturePiece;
  pictures: PictureSummary[];
  onChange: (next: (piece: PicturePiece) => PicturePiece, did: string, key: string) => void;
}

/** Of a side, in px; the core refuses what lies beyond. */
const LEAST = 0.1;
const MOST = 100_000;

const FITS = [
  ["CONTAIN", "contained in"],
  ["COVER", "covering"],
  ["STRETCH", "stretched to"],
] as const;

const SIDES = [
  ["left", "left"],
  ["top", "above"],
  ["right", "right"],
  ["bottom", "below"],
] as const;

/** How large a picture's pixels are shown, as a share of their own size. */
export function pictureScale(piece: PicturePiece, own: PictureSummary): number {
  const { crop } = piece;
  const across = piece.width / (own.width * (1 - crop.left - crop.right));
  const down = piece.height / (own.height * (1 - crop.top - crop.bottom));
  return piece.fit === "CONTAIN" ? Math.min(across, down) : Math.max(across, down);
}

/** Which picture is shown, how much of it and how it fits its box. */
export function PictureSection({ piece, pictures, onChange }: Props) {
  const own = pictures.find((picture) => picture.name === piece.picture);
  const names = pictures.map((picture) => [picture.name, picture.name] as const);
  if (!own) names.unshift([piece.picture, `${piece.picture} (missing)`]);
  const proportional = piece.fit !== "COVER";
  const sized = (side: "width" | "height", value: number) => {
    const factor = value / piece[side];
    onChange(
      (picture) =>
        proportional
          ? {
              ...picture,
              width: Math.round(picture.width * factor * 100) / 100,
              height: Math.round(picture.height * factor * 100) / 100,
            }
          : { ...picture, [side]: value },
      "Size the picture",
      side,
    );
  };
  // The other side has its bounds as well.
  const bounds = (side: "width" | "height") => {
    const share = proportional ? piece[side] / piece[side === "width" ? "height" : "width"] : 1;
    return {
      least: Math.ceil(LEAST * Math.max(1, share) * 100) / 100,
      most: Math.floor(MOST * Math.min(1, share) * 100) / 100,
    };
  };
  const shown = own && pictureScale(piece, own);
  const cropped = Object.values(piece.crop).some((share) => share > 0);
  return (
    <Section title="Picture">
      <p>
        Shows{" "}
        <Choice
          label="Picture"
          value={piece.picture}
          options={names}
          onChange={(picture) =>
            onChange((same) => ({ ...same, picture }), "Show another picture", "picture")
          }
        />{" "}
        <Choice
          label="Fit of the picture"
          value={piece.fit}
          options={FITS}
          onChange={(fit) => onChange((same) => ({ ...same, fit }), "Fit the picture", "")}
        />{" "}
        <NumberField
          label="Width"
          value={piece.width}
          {...bounds("width")}
          onChange={(width) => sized("width", width)}
        />{" "}
        ×{" "}
        <NumberField
          label="Height"
          value={piece.height}
          {...bounds("height")}
          unit=" px"
          onChange={(height) => sized("height", height)}
        />
        .
      </p>
      <details open={cropped}>
        <summary className="cursor-pointer text-xs opacity-80">Crop</summary>
        <p>
          Leaves out{" "}
          {SIDES.map(([side, words], i) => (
            <span key={side}>
              <NumberField
                label={`Crop ${words}, percent`}
                value={Math.round(piece.crop[side] * 1000) / 10}
                least={0}
                most={99}
                unit=" %"
                onChange={(percent) =>
                  onChange(
                    (same) => ({ ...same, crop: { ...same.crop, [side]: percent / 100 } }),
                    "Crop the picture",
                    `crop-${side}`,
                  )
                }
              />{" "}
              {words}
              {i < 3 ? ", " : "."}
            </span>
          ))}
        </p>
      </details>
      {own && own.facts.pages.length > 1 && (
        <p>
          Page{" "}
          <NumberField
            label="Page of the picture"
            value={piece.page}
            least={1}
            most={own.facts.pages.length}
            digits={0}
            onChange={(page) =>
              onChange((same) => ({ ...same, page: Math.round(page) }), "Turn the page", "page")
            }
          />{" "}
          of {own.facts.pages.length}.
        </p>
      )}
      <p className="flex flex-wrap gap-1">
        <button
          type="button"
          className="btn btn-xs"
          onClick={() => void arrange({ kind: "trim" }, `Trim ${piece.name}`)}
        >
          Trim to what is left
        </button>
        {own && isVector(own) && (
          <button
            type="button"
            className="btn btn-xs"
            onClick={() => void arrange({ kind: "split" }, `Split ${piece.name}`)}
          >
            Split into its parts
          </button>
        )}
      </p>
      {own && <PictureFactsNote picture={own} uncut={piece.cutOut.kind === "none"} />}
      {own && !isVector(own) && shown !== undefined && (
        <p className="text-xs leading-5 opacity-80">
          Its own size is {ownSize(own)}, so it is shown at {Math.round(100 * shown)} %
          {shown > 1.0005 && (
            <strong className="text-warning"> — larger than it is, which makes it soft</strong>
          )}
          .
        </p>
      )}
    </Section>
  );
}
