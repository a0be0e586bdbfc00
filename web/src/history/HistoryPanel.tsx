import { useState } from "react";
import { Tabs } from "../ui/Tabs";
import { Revisions } from "./Revisions";
import { Steps } from "./Steps";

const VIEWS = ["This sitting", "Revisions"] as const;

/** What was done in this sitting, and the saved revisions of all days. */
export function HistoryPanel({ overlayId }: { overlayId: number }) {
  const [view, setView] = useState<(typeof VIEWS)[number]>("This sitting");
  return (
    <aside
      aria-label="History"
      className="flex w-64 shrink-0 flex-col border-l border-base-300 bg-base-100"
    >
      <Tabs
        label="History"
        names={VIEWS}
        chosen={view}
        onChoose={setView}
        className="m-2 [&>button]:flex-1"
      />
      <div className="min-h-0 flex-1 overflow-y-auto px-2 pb-2">
        {view === "This sitting" ? <Steps /> : <Revisions overlayId={overlayId} />}
      </div>
    </aside>
  );
}
