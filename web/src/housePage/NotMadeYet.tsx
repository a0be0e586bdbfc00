import { TriangleAlert } from "lucide-react";
import { inWords } from "../house/seen";
import type { Draft } from "./useDraft";

const NONE_KEPT_OUT: ReadonlySet<number> = new Set();

const LINE = "flex shrink-0 items-center gap-3 border-t bg-base-100 px-6 py-3";

/** Beneath the house, whatever of it is in view: what its changes would touch, or why they cannot be made. */
export function NotMadeYet({ draft }: { draft: Draft }) {
  if (draft.problem) {
    return (
      <footer role="alert" className={`${LINE} border-error`}>
        <TriangleAlert size={18} className="shrink-0 text-error" aria-hidden />
        <span className="flex-1">{draft.problem}</span>
        {draft.begun && (
          <>
            <button type="button" className="btn btn-sm" onClick={draft.leave}>
              Take the house as it is now
            </button>
            <button type="button" className="btn btn-sm" onClick={draft.tryAgain}>
              Try again
            </button>
          </>
        )}
      </footer>
    );
  }
  if (!draft.touched) return null;
  return (
    <footer role="status" className={`${LINE} border-primary`}>
      <span className="flex-1">
        This changes {inWords(draft.touched, NONE_KEPT_OUT)}. Nothing has been changed yet.
      </span>
      <button type="button" className="btn btn-sm" onClick={draft.leave}>
        Leave it as it is
      </button>
      <button type="button" className="btn btn-primary btn-sm" onClick={draft.show}>
        See it before and after
      </button>
    </footer>
  );
}
