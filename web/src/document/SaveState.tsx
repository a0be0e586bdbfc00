import { useArranging } from "./arrange";
import { useOverlay } from "./overlayStore";
import { settleStale } from "./saving";

const WORDS = { saved: "Saved", unsaved: "Changed", saving: "Saving…" };

/** Says whether the work is saved, and helps when it cannot be. */
export function SaveState() {
  const saving = useOverlay((state) => state.saving);
  const arranging = useArranging((state) => state.pending > 0);
  if (saving.state === "stale" || saving.state === "failed") {
    return (
      <div role="alert" className="toast toast-top toast-end z-50 mt-12 max-w-md">
        <div className="alert alert-error block whitespace-normal text-sm">
          <p>{saving.sentence}</p>
          {saving.state === "stale" && (
            <p className="mt-2 flex gap-2">
              <button type="button" className="btn btn-xs" onClick={() => void settleStale(true)}>
                Keep mine
              </button>
              <button type="button" className="btn btn-xs" onClick={() => void settleStale(false)}>
                Take the other
              </button>
            </p>
          )}
        </div>
      </div>
    );
  }
  return (
    <span role="status" className="w-14 shrink-0 text-right text-xs opacity-75">
      {arranging ? WORDS.unsaved : WORDS[saving.state]}
    </span>
  );
}
