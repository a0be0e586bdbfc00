import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { answer, api, type SavedRow, type TroubledRow } from "../api/client";
import { rosterRowsKey, useRosterRows } from "./useRosters";

const NONE: SavedRow[] = [];
const SEEN_MS = 400;

/** What a row was before something was done to it. */
interface Before {
  rows: SavedRow[];
  did: string;
}

export interface Rows {
  rows: SavedRow[];
  loading: boolean;
  /** Whether they have been on the screen for a moment. */
  seen: boolean;
  /** Troubles by the ids of rows. */
  troubles: ReadonlyMap<number, TroubledRow["troubles"]>;
  checking: boolean;
  problem: string;
  /** Rises with each change that is kept. */
  stamp: number;
  /** Keeps rows as they are given, each by itself; one step of undo. */
  keep: (changed: SavedRow[], did: string) => void;
  undo: () => void;
  /** What undoing would take back. */
  undoes: string | undefined;
  add: (cells: string[][]) => Promise<void>;
  remove: (row: number) => Promise<void>;
  fetchAnew: () => Promise<void>;
  /** Ends when all that was changed is kept: before that the server knows other rows. */
  kept: () => Promise<void>;
}

/** The rows of a roster, and what is wrong with them. Editing a cell costs one row. */
export function useRows(roster: number, look: string): Rows {
  const queries = useQueryClient();
  const [problem, setProblem] = useState("");
  const [stamp, setStamp] = useState(0);
  const [past, setPast] = useState<Before[]>([]);
  /** Rows are kept one after the other, so that an older state never comes last. */
  const line = useRef<Promise<void>>(Promise.resolve());
  const key = rosterRowsKey(roster);
  const fetched = useRosterRows(roster);
  // Once the rows are seen: checking ten thousand of them takes the whole machine for a while.
  const [seen, setSeen] = useState(false);
  const there = fetched.isSuccess;
  useEffect(() => {
    if (!there) return;
    const timer = setTimeout(() => setSeen(true), SEEN_MS);
    return () => clearTimeout(timer);
  }, [there]);
  const checked = useQuery({
    queryKey: ["roster-troubles", roster, look, stamp],
    queryFn: () =>
      answer(api.GET("/api/rosters/{id}/troubles", { params: { path: { id: roster } } })),
    enabled: seen,
    placeholderData: (before) => before,
  });
  const rows = fetched.data ?? NONE;
  const show = (next: (rows: SavedRow[]) => SavedRow[]) =>
    queries.setQueryData<SavedRow[]>(key, (now) => next(now ?? NONE));

  const put = (changed: SavedRow[]) => {
    const byId = new Map(changed.map((row) => [row.id, row]));
    show((now) => now.map((row) => byId.get(row.id) ?? row));
    line.current = line.current.then(async () => {
      try {
        const kept = new Map<number, SavedRow>();
        for (const row of changed) {
          const saved = await answer(
            api.PUT("/api/roster-rows/{id}", {
              params: { path: { id: row.id } },
              body: { cells: row.cells, leftOut: row.leftOut, changes: row.changes },
            }),
          );
          kept.set(row.id, saved);
        }
        // Only what is known of them: their cells may have been changed again meanwhile.
        show((now) =>
          now.map((row) => {
            const saved = kept.get(row.id);
            return saved ? { ...row, edited: saved.edited } : row;
          }),
        );
        setProblem("");
        setStamp((n) => n + 1);
      } catch (e) {
        setProblem(e instanceof Error ? e.message : String(e));
        await queries.invalidateQueries({ queryKey: key });
      }
    });
  };

  const fetchAnew = useCallback(async () => {
    await queries.invalidateQueries({ queryKey: rosterRowsKey(roster) });
    setPast([]);
    setStamp((n) => n + 1);
  }, [queries, roster]);

  const doing = async (work: () => Promise<unknown>) => {
    try {
      await line.current;
      await work();
      setProblem("");
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
    await fetchAnew();
  };

  return {
    rows,
    loading: fetched.isPending,
    seen,
    troubles: new Map(checked.data?.map((one) => [one.row, one.troubles])),
    checking: checked.isFetching,
    problem: problem || (fetched.error?.message ?? checked.error?.message ?? ""),
    stamp,
    keep: (changed, did) => {
      const ids = new Set(changed.map((row) => row.id));
      setPast((before) => [...before, { rows: rows.filter((row) => ids.has(row.id)), did }]);
      put(changed);
    },
    undo: () => {
      const last = past.at(-1);
      if (!last) return;
      setPast(past.slice(0, -1));
      put(last.rows);
    },
    undoes: past.at(-1)?.did,
    add: (cells) =>
      doing(() =>
        answer(
          api.POST("/api/rosters/{id}/rows", {
            params: { path: { id: roster } },
            body: { rows: cells },
          }),
        ),
      ),
    remove: (row) =>
      doing(() => answer(api.DELETE("/api/roster-rows/{id}", { params: { path: { id: row } } }))),
    fetchAnew,
    kept: () => line.current,
  };
}
