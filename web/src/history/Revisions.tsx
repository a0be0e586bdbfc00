import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { working } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";
import { Notice } from "../ui/Notice";
import { Typed } from "../ui/Typed";

interface Revision {
  number: number;
  savedAt: string;
  name: string;
}

const SHOWN_FIRST = 60;

/** The saved revisions: named to be found again, and gone back to without losing the newest. */
export function Revisions({ overlayId }: { overlayId: number }) {
  const revision = useOverlay((state) => state.revision);
  const { change } = useOverlay.getState();
  const queries = useQueryClient();
  const [all, setAll] = useState(false);
  const [problem, setProblem] = useState("");
  const queryKey = ["revisions", overlayId];
  const { data } = useQuery({
    queryKey: [...queryKey, revision],
    queryFn: () =>
      answer(api.GET("/api/overlays/{id}/revisions", { params: { path: { id: overlayId } } })),
    placeholderData: (before) => before,
  });
  const attempt = async (work: () => Promise<unknown>) => {
    setProblem("");
    try {
      await work();
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  const rename = (number: number, name: string) =>
    attempt(async () => {
      await answer(
        api.PUT("/api/overlays/{id}/revisions/{number}/name", {
          params: { path: { id: overlayId, number } },
          body: { name },
        }),
      );
      await queries.invalidateQueries({ queryKey });
    });
  const goBack = (number: number) =>
    attempt(async () => {
      const path = { id: overlayId, number };
      const old = await answer(
        api.GET("/api/overlays/{id}/revisions/{number}", { params: { path } }),
      );
      change(() => old, `Back to revision ${number}`);
    });
  const rows = data ?? [];
  const shown = all ? rows : rows.filter((row, i) => i < SHOWN_FIRST || row.name !== "");
  return (
    <>
      {problem && <Notice>{problem}</Notice>}
      <ol aria-label="Revisions" className="text-sm">
        {shown.map((row, i) => (
          <li key={row.number} className="border-b border-base-300 py-1">
            <RevisionRow
              row={row}
              newDay={dayOf(row) !== (shown[i - 1] && dayOf(shown[i - 1] ?? row))}
              now={row.number === revision}
              onRename={(name) => void rename(row.number, name)}
              onGoBack={() => void working(goBack(row.number))}
            />
          </li>
        ))}
      </ol>
      {shown.length < rows.length && (
        <button type="button" className="btn btn-ghost btn-xs mt-1" onClick={() => setAll(true)}>
          Show all {rows.length}
        </button>
      )}
    </>
  );
}

function dayOf(row: Revision): string {
  return new Date(row.savedAt).toLocaleDateString();
}

interface RowProps {
  row: Revision;
  newDay: boolean;
  now: boolean;
  onRename: (name: string) => void;
  onGoBack: () => void;
}

function RevisionRow({ row, newDay, now, onRename, onGoBack }: RowProps) {
  return (
    <>
      {newDay && <div className="text-xs font-semibold opacity-75">{dayOf(row)}</div>}
      <div className="flex items-baseline gap-2">
        <span className="w-8 shrink-0 text-right text-xs opacity-75">{row.number}</span>
        <span className="flex-1 text-xs">{new Date(row.savedAt).toLocaleTimeString()}</span>
        {now ? (
          <span className="text-xs text-primary">now</span>
        ) : (
          <button
            type="button"
            className="btn btn-ghost btn-xs"
            aria-label={`Go back to revision ${row.number}`}
            onClick={onGoBack}
          >
            Go back
          </button>
        )}
      </div>
      <Typed
        label={`Name of revision ${row.number}`}
        placeholder="Name it"
        className="word ml-8 w-[12rem]"
        longest={120}
        mayBeEmpty
        value={row.name}
        onTake={onRename}
      />
    </>
  );
}
