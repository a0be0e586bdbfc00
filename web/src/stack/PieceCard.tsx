import {
  ChevronDown,
  ChevronsDown,
  ChevronsUp,
  ChevronUp,
  Copy,
  Eye,
  EyeOff,
  Lock,
  LockOpen,
  Trash2,
} from "lucide-react";
import { memo } from "react";
import type { DrawnPiece, Piece } from "../api/client";
import { arrange } from "../document/arrange";
import { about, kindName } from "../document/pieceKinds";
import { NameInput } from "../ui/NameInput";
import { useOverlay } from "../document/overlayStore";
import { allPieces, groupsAround } from "../document/tree";
import { carryOver, layDown, restack, spotWithin, takeUp, useCarrying } from "./restack";
import { duplicate } from "./stackActions";

interface Props {
  piece: Piece;
  drawn: DrawnPiece | undefined;
  selected: boolean;
  /** How many groups it lies in. */
  depth: number;
  /** Sentences about it; empty for none. */
  troubles: string;
  onPoint: (id: string | null) => void;
}

/** A line where carried pieces would come to lie; a frame around the group they would go into. */
const SPOTS = {
  IN_FRONT: "shadow-[inset_0_3px_0_0_var(--color-primary)]",
  BEHIND: "shadow-[inset_0_-3px_0_0_var(--color-primary)]",
  INSIDE: "outline-2 -outline-offset-2 outline-primary",
};

const NOTHING: Piece[] = [];

/** A piece in the stack: its picture large enough to be known, its name, and what can be done. */
export const PieceCard = memo(function PieceCard(props: Props) {
  const { piece, drawn, selected, depth, troubles, onPoint } = props;
  const { select, toggle, changePiece } = useOverlay.getState();
  const spot = useCarrying(({ over }) => (over?.id === piece.id ? over.spot : null));
  return (
    <div
      className={`flex items-center gap-1 p-1.5 ${selected ? "bg-primary/15" : "hover:bg-base-200"} ${spot ? SPOTS[spot] : ""}`}
      style={{ paddingLeft: 6 + 14 * depth }}
      draggable
      onDragStart={(event) => {
        event.dataTransfer.effectAllowed = "move";
        event.dataTransfer.setData("text/plain", piece.name);
        takeUp(piece.id);
      }}
      onDragOver={(event) => {
        const box = event.currentTarget.getBoundingClientRect();
        const share = (event.clientY - box.top) / box.height;
        if (carryOver(piece.id, spotWithin(piece, share))) event.preventDefault();
        event.stopPropagation();
      }}
      onDrop={(event) => {
        event.preventDefault();
        event.stopPropagation();
        layDown();
      }}
      onDragEnd={() => useCarrying.setState({ ids: [], over: null })}
      onPointerEnter={() => onPoint(piece.id)}
      onPointerLeave={() => onPoint(null)}
    >
      <button
        type="button"
        aria-expanded={selected}
        aria-label={`${piece.name}: ${kindName(piece)}`}
        className="flex min-w-0 flex-1 items-center gap-2 rounded text-left"
        onClick={(event) => {
          if (event.shiftKey || event.ctrlKey || event.metaKey) toggle(piece.id);
          else select(selected && useOverlay.getState().selected.length === 1 ? [] : [piece.id]);
        }}
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
            {about(piece)}
          </span>
        </span>
      </button>
      {troubles && (
        <span role="img" aria-label={troubles} title={troubles}>
          ⚠
        </span>
      )}
      <button
        type="button"
        className={`btn btn-ghost btn-xs btn-square ${piece.locked ? "" : "opacity-50"}`}
        aria-label={piece.locked ? `Unlock ${piece.name}` : `Lock ${piece.name}`}
        title={piece.locked ? "Unlock (L)" : "Lock (L)"}
        onClick={() =>
          changePiece(
            piece.id,
            (same) => ({ ...same, locked: !same.locked }),
            `${piece.locked ? "Unlock" : "Lock"} ${piece.name}`,
          )
        }
      >
        {piece.locked ? <Lock size={13} /> : <LockOpen size={13} />}
      </button>
      <button
        type="button"
        className="btn btn-ghost btn-xs btn-square"
        aria-label={piece.shown ? `Hide ${piece.name}` : `Show ${piece.name}`}
        title={piece.shown ? "Hide (H)" : "Show (H)"}
        onClick={() =>
          changePiece(
            piece.id,
            (same) => ({ ...same, shown: !same.shown }),
            `${piece.shown ? "Hide" : "Show"} ${piece.name}`,
          )
        }
      >
        {piece.shown ? <Eye size={14} /> : <EyeOff size={14} />}
      </button>
    </div>
  );
});

/** What can be done to the chosen piece as a whole. */
export function PieceActions({ piece }: { piece: Piece }) {
  const { changePiece } = useOverlay.getState();
  return (
    <div className="flex items-center gap-0.5 border-t border-base-300 px-3 py-1">
      <NameInput
        label="Name of the piece"
        className="word min-w-0 flex-1"
        longest={80}
        name={piece.name}
        onChange={(name) => changePiece(piece.id, (same) => ({ ...same, name }), "Rename", "name")}
      />
      <HolderChoice piece={piece} />
      <StackButtons />
    </div>
  );
}

/** Which group the piece lies in, where there is one to choose. */
function HolderChoice({ piece }: { piece: Piece }) {
  const stack = useOverlay((state) => state.overlay?.stack ?? NOTHING);
  const groups = allPieces(stack).filter(
    (other) => other.kind === "group" && !allPieces([piece]).some((inner) => inner.id === other.id),
  );
  if (groups.length === 0) return null;
  const around = groupsAround(stack, piece.id).at(-1) ?? "";
  return (
    <select
      aria-label="Lies in"
      title="The group it lies in"
      className="word max-w-24"
      value={around}
      onChange={(event) => {
        const outermost = groupsAround(stack, piece.id)[0];
        if (event.target.value) restack([piece.id], event.target.value, "INSIDE");
        else if (outermost) restack([piece.id], outermost, "IN_FRONT");
      }}
    >
      <option value="">in no group</option>
      {groups.map((group) => (
        <option key={group.id} value={group.id}>
          in {group.name}
        </option>
      ))}
    </select>
  );
}

/** Moving what is chosen in the stack, copying it and taking it away. */
export function StackButtons() {
  const order = (step: "FORWARD" | "BACK" | "TO_FRONT" | "TO_BACK", did: string) => () =>
    void arrange({ kind: "order", step }, did);
  const actions = [
    ["All the way forward (Shift Page Up)", ChevronsUp, order("TO_FRONT", "To the front")],
    ["One forward (Page Up)", ChevronUp, order("FORWARD", "One forward")],
    ["One back (Page Down)", ChevronDown, order("BACK", "One back")],
    ["All the way back (Shift Page Down)", ChevronsDown, order("TO_BACK", "To the back")],
    ["Duplicate (D)", Copy, duplicate],
    ["Take away (Delete)", Trash2, () => void arrange({ kind: "remove" }, "Take away")],
  ] as const;
  return actions.map(([label, Icon, act]) => (
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
  ));
}
