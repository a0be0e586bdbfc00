import { giveFinishes, useCopiedFinishes } from "./giveFinishes";

/** Gives copied finishes to the chosen pieces, in place of those they have. */
export function FinishPaste({ pieces }: { pieces: readonly string[] }) {
  const copied = useCopiedFinishes((state) => state.copied);
  if (!copied) return null;
  const label = pieces.length > 1 ? `Paste finishes to ${pieces.length} pieces` : "Paste finishes";
  return (
    <button
      type="button"
      className={`btn btn-xs ${pieces.length > 1 ? "mx-3 mb-2" : ""}`}
      onClick={() => void giveFinishes(pieces, copied, false, "Paste finishes")}
    >
      {label}
    </button>
  );
}
