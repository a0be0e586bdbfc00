import type { GroupPiece } from "../api/client";
import { arrange } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";
import { CopySentence } from "../library/CopySentence";
import { NumberField } from "../ui/NumberField";
import { LookSentence } from "./LookSentence";
import { Section } from "../ui/Section";

interface Props {
  piece: GroupPiece;
  onChange: (next: (piece: GroupPiece) => GroupPiece, did: string, key: string) => void;
}

/** What is done to the pieces of a group as one. */
export function GroupSection({ piece, onChange }: Props) {
  const { select } = useOverlay.getState();
  return (
    <Section title="Group">
      <p>
        Holds {piece.stack.length} {piece.stack.length === 1 ? "piece" : "pieces"} at{" "}
        <NumberField
          label="Scale, percent"
          value={Math.round(piece.scale * 10000) / 100}
          least={0.1}
          most={100000}
          digits={2}
          unit=" %"
          onChange={(percent) =>
            onChange((group) => ({ ...group, scale: percent / 100 }), "Scale the group", "scale")
          }
        />{" "}
        of their size.
      </p>
      <CopySentence piece={piece} />
      <LookSentence
        piece={piece}
        onChange={(look, did, key) =>
          onChange((group) => ({ ...group, look: { ...group.look, ...look } }), did, key)
        }
      />
      <p className="flex gap-1">
        <button
          type="button"
          className="btn btn-xs"
          title="Shift U"
          onClick={() => void arrange({ kind: "ungroup" }, `Take ${piece.name} apart`)}
        >
          Take apart
        </button>
        <button
          type="button"
          className="btn btn-xs"
          onClick={() => select(piece.stack.map((inner) => inner.id))}
        >
          Choose what is in it
        </button>
      </p>
    </Section>
  );
}
