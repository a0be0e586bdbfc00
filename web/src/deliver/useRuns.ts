import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useState } from "react";
import { answer, api, type RunStatus } from "../api/client";
import { savedNow } from "../document/saving";
import { targetsKept } from "./targets";
import { watchRun } from "./watchRun";

export interface Order {
  /** Ids; all of the package's if there are none. */
  overlays: number[];
  /** Names; all of the package's if there are none. */
  targets: string[];
  changedOnly: boolean;
}

export interface Runs {
  runs: RunStatus[];
  /** The run that has not ended yet, as it is at this moment. */
  running: RunStatus | undefined;
  problem: string;
  start: (order: Order) => Promise<void>;
  callOff: () => Promise<void>;
}

const NONE: RunStatus[] = [];

/** The deliveries of a package, the one that is running among them. */
export function useRuns(packageId: number): Runs {
  const queries = useQueryClient();
  const [status, setStatus] = useState<RunStatus>();
  const [problem, setProblem] = useState("");
  const fetched = useQuery({
    queryKey: ["runs", packageId],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/delivery-runs", { params: { path: { id: packageId } } })),
    enabled: packageId > 0,
  });
  const runs = fetched.data ?? NONE;
  const running = runs.find((run) => run.state === "RUNNING");
  const id = running?.id;
  const fetchAnew = useCallback(async () => {
    await queries.invalidateQueries({ queryKey: ["runs", packageId] });
    await queries.invalidateQueries({ queryKey: ["deliveries"] });
    await queries.invalidateQueries({ queryKey: ["plan"] });
  }, [packageId, queries]);
  useEffect(() => {
    if (id === undefined) return;
    return watchRun(id, setStatus, () => void fetchAnew());
  }, [id, fetchAnew]);
  const start = async (order: Order) => {
    setProblem("");
    try {
      if (!(await savedNow())) {
        setProblem("The overlay could not be saved, so nothing was delivered.");
        return;
      }
      if (!(await targetsKept())) return;
      await answer(
        api.POST("/api/packages/{id}/delivery-runs", {
          params: { path: { id: packageId } },
          body: order,
        }),
      );
      // All of it: a small run may have ended already and is never seen running.
      await fetchAnew();
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  const callOff = async () => {
    if (id === undefined) return;
    await answer(api.POST("/api/delivery-runs/{id}/call-off", { params: { path: { id } } }));
  };
  return {
    runs,
    running: running && (status?.id === running.id ? status : running),
    problem,
    start,
    callOff,
  };
}
