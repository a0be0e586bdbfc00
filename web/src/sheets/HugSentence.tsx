import type { Hug, PlatePiece } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { beside } from "../document/tree";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";

interface Props {
  piece: PlatePiece;
  onChange: (next: (piece: PlatePiece) => PlatePiece, did: string, key: string) => void;
}

const SIDES = [
  ["left", "left"],
  ["top", "above"],
  ["right", "right"],
  ["bottom", "below"],
] as const;

/** What a plate lies around, growing and moving with it. */
export function HugSentence({ piece, onChange }: Props) {
  const overlay = useOverlay((state) => state.overlay);
  const { hug } = piece;
  const give = (next: Partial<Hug>, did: string, key = "") =>
    onChange((plate) => ({ ...plate, hug: { ...plate.hug, ...next } }), did, key);
  const others = beside(overlay?.stack ?? [], piece.id).filter((other) => other.id !== piece.id);
  const free = others.filter((other) => !hug.pieces.includes(other.id));
  const nameOf = (id: string) => others.find((other) => other.id === id)?.name ?? "a piece gone";
  const add = (
    <Choice
      label={hug.pieces.length > 0 ? "Hug another piece" : "Hug a piece"}
      value=""
      options={[
        ["", hug.pieces.length > 0 ? "and another" : "nothing"],
        ...free.map((other) => [other.id, other.name] as const),
      ]}
      disabled={free.length === 0}
      onChange={(id) => {
        const padding = Math.round(Math.min(piece.height, 120) / 6);
        give(
          hug.pieces.length > 0
            ? { pieces: [...hug.pieces, id] }
            : {
                pieces: [id],
                left: 2 * padding,
                top: padding,
                right: 2 * padding,
                bottom: padding,
              },
          `Hug ${nameOf(id)}`,
        );
      }}
    />
  );
  if (hug.pieces.length === 0) return <p>It hugs {add}.</p>;
  return (
    <p>
      It hugs{" "}
      {hug.pieces.map((id) => (
        <span key={id} className="mr-1 whitespace-nowrap">
          <strong>{nameOf(id)}</strong>
          <button
            type="button"
            className="btn btn-ghost btn-xs px-1"
            aria-label={`Do not hug ${nameOf(id)}`}
            onClick={() =>
              give({ pieces: hug.pieces.filter((other) => other !== id) }, `Let ${nameOf(id)} go`)
            }
          >
            ×
          </button>
        </span>
      ))}
      {add} with{" "}
      {SIDES.map(([side, words], i) => (
        <span key={side}>
          <NumberField
            label={`Padding ${words}`}
            value={hug[side]}
            onChange={(value) => give({ [side]: value }, "Change the padding", side)}
          />{" "}
          {words}
          {i < 3 ? ", " : "."}
        </span>
      ))}
    </p>
  );
}
