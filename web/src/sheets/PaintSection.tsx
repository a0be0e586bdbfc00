import type { FacedPiece, Paint, PictureSummary } from "../api/client";
import { PaintChoice } from "../paint/PaintChoice";
import { memoOn } from "../ui/memoOn";
import { LookSentence } from "./LookSentence";
import { Section } from "../ui/Section";

interface Props {
  piece: FacedPiece;
  pictures: PictureSummary[];
  onChange: (next: (piece: FacedPiece) => FacedPiece, did: string, key: string) => void;
}

/** What the face is filled with, and how solid the piece is. */
export const PaintSection = memoOn(Paints, ({ piece, pictures }) => [
  piece.id,
  piece.name,
  "paint" in piece && piece.paint,
  piece.look.faceOpacity,
  piece.look.overallOpacity,
  piece.look.punch,
  pictures,
]);

function Paints({ piece, pictures, onChange }: Props) {
  const paint = "paint" in piece ? piece.paint : null;
  const repaint = (next: Paint, key: string) =>
    onChange(
      (same) => ("paint" in same ? { ...same, paint: next } : same),
      "Change the paint",
      key,
    );
  return (
    <Section title="Paint">
      {paint && (
        <div>
          Filled with <PaintChoice paint={paint} pictures={pictures} onChange={repaint} />
        </div>
      )}
      <LookSentence
        piece={piece}
        onChange={(look, did, key) =>
          onChange((same) => ({ ...same, look: { ...same.look, ...look } }), did, key)
        }
      />
    </Section>
  );
}
