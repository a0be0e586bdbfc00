import type { CutOut, PicturePiece, PictureSummary } from "../api/client";
import { Percent } from "../finishes/fields";
import { isVector } from "../pictures/usePictures";
import { Section } from "../sheets/Section";
import { Choice } from "../ui/Choice";
import { ColourField } from "../ui/ColourField";
import { NumberField } from "../ui/NumberField";
import { CutEdgeSentence } from "./CutEdgeSentence";
import { KINDS, cutOutOf } from "./kinds";
import { MarksSentence } from "./MarksSentence";
import { TintSentence } from "./TintSentence";

interface Props {
  piece: PicturePiece;
  /** Nothing if the package does not have it. */
  picture: PictureSummary | undefined;
  /** Of strokes set by typing, in pixels of the picture. */
  strokeWidth?: number;
  /** Opens the table on which it is cut; without it this is that table. */
  onTable?: () => void;
  onChange: (next: (piece: PicturePiece) => PicturePiece, did: string, key: string) => void;
}

const GROUNDS = [
  ["border", "found along its border"],
  ["colour", "this one:"],
] as const;

const REACHES = [
  ["FROM_BORDER", "from the border inwards"],
  ["EVERYWHERE", "everywhere"],
] as const;

const TONES = [
  ["WHITE", "white"],
  ["BLACK", "black"],
] as const;

/** How the picture gets an alpha, and the colours it is shown in. */
export function CutOutSection(props: Props) {
  const { piece, picture, strokeWidth = 12, onTable, onChange } = props;
  const { cutOut, tint } = piece;
  const cut = (next: CutOut, key: string) =>
    onChange((same) => ({ ...same, cutOut: next }), "Cut the picture out", `cut-out-${key}`);
  return (
    <Section title="Cut-out">
      {picture && isVector(picture) ? (
        <p className="text-xs opacity-80">It is drawn from shapes and has an alpha of its own.</p>
      ) : (
        <p>
          The ground{" "}
          <Choice
            label="Ground of the picture"
            value={cutOut.kind}
            options={KINDS}
            onChange={(kind) => {
              cut(cutOutOf(kind, cutOut), "kind");
              if (kind === "marks") onTable?.();
            }}
          />
          .
          {onTable && picture && (
            <>
              {" "}
              <button type="button" className="btn btn-xs" onClick={onTable}>
                Cutting table…
              </button>
            </>
          )}
        </p>
      )}
      {cutOut.kind === "marks" && (
        <MarksSentence cutOut={cutOut} width={strokeWidth} onChange={cut} />
      )}
      {cutOut.kind === "colour" && (
        <p>
          Its colour is{" "}
          <Choice
            label="Colour of the ground"
            value={cutOut.ground.kind}
            options={GROUNDS}
            onChange={(kind) =>
              cut(
                {
                  ...cutOut,
                  ground: kind === "border" ? { kind } : { kind, colour: "#ffffff" },
                },
                "ground",
              )
            }
          />{" "}
          {cutOut.ground.kind === "colour" && (
            <ColourField
              label="Ground colour"
              value={cutOut.ground.colour}
              onChange={(colour) =>
                cut({ ...cutOut, ground: { kind: "colour", colour } }, "colour")
              }
            />
          )}{" "}
          and what differs by up to{" "}
          <Percent
            label="Tolerance of the cut-out"
            value={cutOut.tolerance}
            onChange={(tolerance) => cut({ ...cutOut, tolerance }, "tolerance")}
          />
          ; edges are up to{" "}
          <NumberField
            label="Softness of the cut-out"
            value={cutOut.softness}
            least={1}
            most={16}
            step={0.5}
            unit=" px"
            onChange={(softness) => cut({ ...cutOut, softness }, "softness")}
          />{" "}
          wide. It goes{" "}
          <Choice
            label="Where the ground goes"
            value={cutOut.reach}
            options={REACHES}
            onChange={(reach) => cut({ ...cutOut, reach }, "reach")}
          />
          .
        </p>
      )}
      {cutOut.kind === "brightness" && (
        <p>
          Over{" "}
          <Choice
            label="Tone of the ground"
            value={cutOut.ground}
            options={TONES}
            onChange={(ground) => cut({ ...cutOut, ground }, "tone")}
          />{" "}
          all is clear up to{" "}
          <Percent
            label="Low point of the cut-out"
            value={cutOut.low}
            onChange={(low) => cut({ ...cutOut, low: Math.min(low, cutOut.high - 0.01) }, "low")}
          />{" "}
          away from it and solid from{" "}
          <Percent
            label="High point of the cut-out"
            value={cutOut.high}
            onChange={(high) => cut({ ...cutOut, high: Math.max(high, cutOut.low + 0.01) }, "high")}
          />{" "}
          on, along a curve of{" "}
          <NumberField
            label="Curve of the cut-out"
            value={cutOut.curve}
            least={0.1}
            most={10}
            step={0.1}
            digits={2}
            onChange={(curve) => cut({ ...cutOut, curve }, "curve")}
          />
          .
        </p>
      )}
      {cutOut.kind !== "none" && (
        <CutEdgeSentence
          edge={cutOut.edge}
          onChange={(edge, key) => cut({ ...cutOut, edge }, key)}
        />
      )}
      <TintSentence
        tint={tint}
        picture={picture}
        onChange={(next, key) =>
          onChange((same) => ({ ...same, tint: next }), "Tint the picture", key)
        }
      />
    </Section>
  );
}
