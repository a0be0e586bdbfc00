import { ChevronDown, ChevronUp, Copy, Eye, EyeOff, Trash2 } from "lucide-react";
import type { DrawnPiece, Piece } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { duplicate, remove, shift } from "./stackActions";

interface Props {
  piece: Piece;
  drawn: DrawnPiece | undefined;
  selected: boolean;
  findings: string[];
  onPoint: (id: string | null) => void;
}

const KINDS = { text: "Text", plate: "Plate", picture: "Picture" };

/** A piece in the stack: its picture large enough to be known, its name, and what can be done. */
export function PieceCard({ piece, drawn, selected, findings, onPoint }: Props) {
  const { select, changePiece } = useOverlay.getState();
  const about = piece.kind === "text" ? piece.words.replaceAll("\n", " / ") : KINDS[piece.kind];
  return (
    <div
      className={`flex items-center gap-2 p-1.5 ${selected ? "bg-primary/15" : "hover:bg-base-200"}`}
      onPointerEnter={() => onPoint(piece.id)}
      onPointerLeave={() => onPoint(null)}
    >
      <button
        type="button"
        aria-expanded={selected}
        aria-label={`${piece.name}: ${KINDS[piece.kind]}`}
        className="flex min-w-0 flex-1 items-center gap-2 rounded text-left"
        onClick={() => select(selected ? null : piece.id)}
        onFocus={() => onPoint(piece.id)}
        onBlur={() => onPoint(null)}
      >
        <span className="checker flex h-9 w-16 shrink-0 items-center justify-center overflow-hidden rounded-sm">
          {drawn?.part.picture && (
            <img src={drawn.part.picture} alt="" className="max-h-8 max-w-15 object-contain" />
          )}
        </span>
        <span className={`min-w-0 flex-1 ${piece.shown ? "" : "opacity-60"}`}>
          <span className="block truncate font-medium">{piece.name}</span>
          <span className="block truncate text-xs opacity-75" dir="auto">
            {about}
          </span>
        </span>
      </button>
      {findings.length > 0 && (
        <span role="img" aria-label={findings.join(" ")} title={findings.join(" ")}>
          ⚠
        </span>
      )}
      <button
        type="button"
        className="btn btn-ghost btn-xs btn-square"
        aria-label={piece.shown ? `Hide ${piece.name}` : `Show ${piece.name}`}
        title={piece.shown ? "Hide (H)" : "Show (H)"}
        onClick={() => changePiece(piece.id, (same) => ({ ...same, shown: !same.shown }))}
      >
        {piece.shown ? <Eye size={14} /> : <EyeOff size={14} />}
      </button>
    </div>
  );
}

/** What can be done to the chosen piece as a whole. */
export function PieceActions({ piece }: { piece: Piece }) {
  const { changePiece } = useOverlay.getState();
  const actions = [
    ["One forward (Page Up)", ChevronUp, () => shift(piece.id, -1)],
    ["One back (Page Down)", ChevronDown, () => shift(piece.id, 1)],
    ["Duplicate (D)", Copy, () => duplicate(piece.id)],
    ["Take away (Delete)", Trash2, () => remove(piece.id)],
  ] as const;
  return (
    <div className="flex items-center gap-1 border-t border-base-300 px-3 py-1">
      <input
        type="text"
        aria-label="Name of the piece"
        className="word min-w-0 flex-1"
        maxLength={80}
        value={piece.name}
        onChange={(event) => {
          const name = event.target.value;
          changePiece(piece.id, (same) => ({ ...same, name }), "name");
        }}
      />
      {actions.map(([label, Icon, act]) => (
        <button
          key={label}
          type="button"
          className="btn btn-ghost btn-xs btn-square"
          aria-label={label}
          title={label}
          onClick={act}
        >
          <Icon size={14} />
        </button>
      ))}
    </div>
  );
}
