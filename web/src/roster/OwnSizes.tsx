import type { Overlay, SavedRow } from "../api/client";
import { allPieces } from "../document/tree";
import { NumberField } from "../ui/NumberField";
import { Choice } from "../ui/Choice";
import { useState } from "react";

interface Props {
  overlay: Overlay;
  row: SavedRow;
  onChange: (row: SavedRow) => void;
}

/** What is different about single pieces in this row only. */
export function OwnSizes({ overlay, row, onChange }: Props) {
  const texts = allPieces(overlay.stack).filter((piece) => piece.kind === "text");
  const [chosen, choose] = useState<string>();
  const piece = texts.find((one) => one.id === chosen) ?? texts[0];
  if (!piece) return null;
  const change = row.changes.find((one) => one.piece === piece.id) ?? {
    piece: piece.id,
    shown: true,
    right: 0,
    down: 0,
    scale: 1,
  };
  const own = row.changes.length > 0;
  return (
    <span className="flex items-center gap-1">
      In this row only,{" "}
      <Choice
        label="Piece of this row"
        value={piece.id}
        options={texts.map((one) => [one.id, one.name] as const)}
        onChange={choose}
      />{" "}
      is
      <NumberField
        label="Size in this row"
        value={Math.round(change.scale * 100)}
        least={5}
        most={2000}
        unit="%"
        onChange={(percent) =>
          onChange({
            ...row,
            changes: [
              ...row.changes.filter((one) => one.piece !== piece.id),
              { ...change, scale: percent / 100 },
            ],
          })
        }
      />
      as large
      {own && (
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          onClick={() => onChange({ ...row, changes: [] })}
        >
          As designed
        </button>
      )}
    </span>
  );
}
