import { useState } from "react";
import type { CutOut, PicturePiece, PictureSummary } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { Percent } from "../finishes/fields";
import { isVector } from "../pictures/usePictures";
import { Section } from "../ui/Section";
import { Choice } from "../ui/Choice";
import { Notice } from "../ui/Notice";
import { NumberField } from "../ui/NumberField";
import { CutEdgeSentence } from "./CutEdgeSentence";
import { foundCutOut } from "./foundCutOut";
import { GroundChoice } from "./GroundChoice";
import { KINDS, cutOutOf, proposed } from "./kinds";
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

const REACHES = [
  ["FROM_BORDER", "from the border inwards"],
  ["EVERYWHERE", "everywhere"],
] as const;

const SOFT_PARTS = [
  ["SOLID", "are as solid as all else"],
  ["THIN", "stay thin"],
] as const;

/** How the picture gets an alpha, and the colours it is shown in. */
export function CutOutSection(props: Props) {
  const { piece, picture, strokeWidth = 12, onTable, onChange } = props;
  const { cutOut, tint } = piece;
  const packageId = useOverlay((state) => state.packageId);
  const [problem, setProblem] = useState("");
  const cut = (next: CutOut, key: string) =>
    onChange((same) => ({ ...same, cutOut: next }), "Cut the picture out", `cut-out-${key}`);
  /** Goes by its colour with the values that the picture asks for, unless the hand has gone on. */
  const goByColour = async () => {
    let found = cutOut.kind === "colour" ? cutOut : cutOutOf("colour", cutOut);
    try {
      found = proposed(await foundCutOut(packageId, piece.picture), cutOut);
      setProblem("");
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
    onChange(
      (same) => (same.cutOut === cutOut ? { ...same, cutOut: found } : same),
      "Cut the picture out",
      "cut-out-kind",
    );
  };
  return (
    <Section title="Cut-out">
      {problem && <Notice>{problem}</Notice>}
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
              if (kind === "colour") void goByColour();
              else cut(cutOutOf(kind, cutOut), "kind");
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
          <GroundChoice
            ground={cutOut.ground}
            onChange={(ground, key) => cut({ ...cutOut, ground }, key)}
          />{" "}
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
          . Shadows and glows on it{" "}
          <Choice
            label="Shadows and glows"
            value={cutOut.softParts}
            options={SOFT_PARTS}
            onChange={(softParts) => cut({ ...cutOut, softParts }, "soft-parts")}
          />
          .{" "}
          <button type="button" className="btn btn-xs" onClick={() => void goByColour()}>
            As the picture tells
          </button>
        </p>
      )}
      {cutOut.kind === "brightness" && (
        <p>
          Its colour is{" "}
          <GroundChoice
            ground={cutOut.ground}
            onChange={(ground, key) => cut({ ...cutOut, ground }, key)}
          />
          ; all is clear up to{" "}
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
