import { useState } from "react";
import type { Backing, PlatePiece } from "../api/client";
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
export function BackingSentence({ piece, onChange }: Props) {
  const overlay = useOverlay((state) => state.overlay);
  const { pieces } = piece.backing;
  const any = pieces.length > 0;
  const [apart, setApart] = useState(false);
  const { left, top, right, bottom } = piece.backing;
  const alike = !apart && left === top && left === right && left === bottom;
  const give = (next: Partial<Backing>, did: string, key = "") =>
    onChange((plate) => ({ ...plate, backing: { ...plate.backing, ...next } }), did, key);
  const others = beside(overlay?.stack ?? [], piece.id).filter((other) => other.id !== piece.id);
  const free = others.filter((other) => !pieces.includes(other.id));
  const nameOf = (id: string) => others.find((other) => other.id === id)?.name ?? "a piece gone";
  const lieBehind = (id: string) => {
    const padding = Math.round(Math.min(piece.height, 120) / 6);
    give(
      any
        ? { pieces: [...pieces, id] }
        : { pieces: [id], left: 2 * padding, top: padding, right: 2 * padding, bottom: padding },
      `Back ${nameOf(id)}`,
    );
  };
  // The list stays where it is as pieces are added, so that the keys stay with it.
  return (
    <p>
      It backs{" "}
      {pieces.map((id) => (
        <span key={id} className="mr-1 whitespace-nowrap">
          <strong>{nameOf(id)}</strong>
          <button
            type="button"
            className="btn btn-ghost btn-xs px-1"
            aria-label={`Do not back ${nameOf(id)}`}
            onClick={() =>
              give({ pieces: pieces.filter((other) => other !== id) }, `Let ${nameOf(id)} go`)
            }
          >
            ×
          </button>
        </span>
      ))}
      <Choice
        key="add"
        label="Back a piece"
        value=""
        options={[
          ["", any ? "and another" : "nothing"],
          ...free.map((other) => [other.id, other.name] as const),
        ]}
        disabled={others.length === 0}
        onChange={(id) => id !== "" && lieBehind(id)}
      />
      {any && alike && (
        <>
          {" with "}
          <NumberField
            label="Padding on all sides"
            value={piece.backing.left}
            digits={3}
            unit=" px"
            onChange={(value) =>
              give(
                { left: value, top: value, right: value, bottom: value },
                "Change the padding",
                "padding",
              )
            }
          />{" "}
          of padding{" "}
        </>
      )}
      {any && !alike && " with padding "}
      {any && (
        <Choice
          label="Padding"
          value={alike ? "alike" : "apart"}
          options={[
            ["alike", "on all sides alike"],
            ["apart", "on each side its own"],
          ]}
          onChange={(how) => {
            setApart(how === "apart");
            if (how === "alike") {
              const { left } = piece.backing;
              give({ top: left, right: left, bottom: left }, "One padding for all sides");
            }
          }}
        />
      )}
      {any && !alike
        ? SIDES.map(([side, words], i) => (
            <span key={side}>
              {i === 0 ? ": " : ", "}
              <NumberField
                label={`Padding ${words}`}
                value={piece.backing[side]}
                digits={3}
                onChange={(value) => give({ [side]: value }, "Change the padding", side)}
              />{" "}
              {words}
            </span>
          ))
        : null}
      .
    </p>
  );
}
