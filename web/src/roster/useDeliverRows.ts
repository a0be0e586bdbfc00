import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type SavedRoster } from "../api/client";
import type { Runs } from "../deliver/useRuns";
import { savedNow } from "../document/saving";

/**
 * Delivers the rows of a roster.
 *
 * @param kept ends when all that was changed in them is kept
 */
export function useDeliverRows(saved: SavedRoster, runs: Runs, kept: () => Promise<void>) {
  const queries = useQueryClient();
  const [problem, setProblem] = useState("");
  const [lastRun, setLastRun] = useState<number>();
  /**
   * @param rows ids; all that are not left out if there are none
   */
  const start = async (changedOnly: boolean, rows: readonly number[]) => {
    setProblem("");
    try {
      await kept();
      if (!(await savedNow())) {
        setProblem("The overlay could not be saved, so nothing was delivered.");
        return;
      }
      const run = await answer(
        api.POST("/api/rosters/{id}/delivery-runs", {
          params: { path: { id: saved.id } },
          body: { rows: [...rows], changedOnly },
        }),
      );
      setLastRun(run.id);
      await queries.invalidateQueries({ queryKey: ["runs", saved.packageId] });
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  return { start, problem: problem || runs.problem, lastRun };
}
