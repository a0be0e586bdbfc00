import { useState } from "react";
import { Revisions } from "./Revisions";
import { Steps } from "./Steps";

/** What was done in this sitting, and the saved revisions of all days. */
export function HistoryPanel({ overlayId }: { overlayId: number }) {
  const [view, setView] = useState<"steps" | "revisions">("steps");
  return (
    <aside
      aria-label="History"
      className="flex w-64 shrink-0 flex-col border-l border-base-300 bg-base-100"
    >
      <div role="tablist" aria-label="History" className="join m-2">
        {(
          [
            ["steps", "This sitting"],
            ["revisions", "Revisions"],
          ] as const
        ).map(([name, words]) => (
          <button
            key={name}
            type="button"
            role="tab"
            aria-selected={view === name}
            className={`btn btn-xs join-item flex-1 ${view === name ? "btn-primary" : ""}`}
            onClick={() => setView(name)}
          >
            {words}
          </button>
        ))}
      </div>
      <div className="min-h-0 flex-1 overflow-y-auto px-2 pb-2">
        {view === "steps" ? <Steps /> : <Revisions overlayId={overlayId} />}
      </div>
    </aside>
  );
}
