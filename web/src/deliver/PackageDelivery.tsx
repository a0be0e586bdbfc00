import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type NamedTarget, type PlanLine } from "../api/client";
import { identity } from "../document/identity";
import { useOverlay } from "../document/overlayStore";
import { Notice } from "../ui/Notice";
import type { FileToLookAt } from "./proofAt";
import { RunLinks } from "./RunLinks";
import { SpoiltQuestion } from "./SpoiltQuestion";
import { useAskedStart } from "./useAskedStart";
import type { Runs } from "./useRuns";

interface Props {
  packageId: number;
  targets: NamedTarget[];
  runs: Runs;
}

const LOOK: Record<PlanLine["standing"], { words: string; look: string }> = {
  NEW: { words: "not yet", look: "opacity-75" },
  CHANGED: { words: "changed", look: "text-warning" },
  SAME: { words: "as it is", look: "text-success" },
};

/** Every overlay at every target: what is new, what has changed, and all of it in one go. */
export function PackageDelivery({ packageId, targets, runs }: Props) {
  const [changedOnly, setChangedOnly] = useState(true);
  const revision = useOverlay((state) => state.revision);
  const plan = useQuery({
    queryKey: ["plan", "package", packageId, revision, identity(targets)],
    queryFn: () =>
      answer(
        api.POST("/api/packages/{id}/delivery-plan", {
          params: { path: { id: packageId } },
          body: { overlays: [], targets },
        }),
      ),
    placeholderData: (before) => before,
  });
  const lines = plan.data ?? [];
  const overlays = [...new Map(lines.map((line) => [line.overlayId, line.overlay])).entries()];
  const problems = [...new Set(lines.map((line) => line.problem).filter((one) => one !== ""))];
  const toWrite = lines.filter((line) => !changedOnly || line.standing !== "SAME");
  const wanted = toWrite.length;
  const queries = useQueryClient();
  const asked = useAskedStart(packageId, plan.data);
  const filesToWrite = async (): Promise<FileToLookAt[]> => {
    const saved = await queries.query({
      queryKey: ["overlays-of", packageId, revision],
      queryFn: () =>
        answer(api.GET("/api/packages/{id}/overlays", { params: { path: { id: packageId } } })),
    });
    return toWrite.flatMap((line) => {
      const overlay = saved.find((one) => one.id === line.overlayId)?.overlay;
      const target = targets.find((one) => one.name === line.target);
      return overlay && target
        ? [{ overlay, target, called: `${line.overlay} at ${target.name}` }]
        : [];
    });
  };
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <button
          type="button"
          className="btn btn-primary btn-sm"
          disabled={
            runs.running !== undefined || asked.looking || problems.length > 0 || wanted === 0
          }
          onClick={() =>
            void asked.begin(
              filesToWrite,
              () => void runs.start({ overlays: [], targets: [], changedOnly }),
            )
          }
        >
          Deliver the package
        </button>
        <label className="flex items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={changedOnly}
            onChange={(event) => setChangedOnly(event.target.checked)}
          />
          only what has changed
        </label>
        <span className="text-sm opacity-80" role="status">
          {plan.isPending || asked.looking
            ? "Looking through the package…"
            : wanted === 0
              ? "Everything is delivered as it is."
              : `${wanted} of ${lines.length} to write.`}
        </span>
      </div>
      {asked.question && (
        <div className="mb-3">
          <SpoiltQuestion
            sentences={asked.question}
            onYes={() => asked.answer(true)}
            onNo={() => asked.answer(false)}
          />
        </div>
      )}
      {problems.map((problem) => (
        <div key={problem} className="mb-2">
          <Notice>{problem}</Notice>
        </div>
      ))}
      {lines.length > 0 && (
        <table className="table table-xs mb-4 w-auto" aria-label="Files of the package">
          <thead>
            <tr className="text-base-content">
              <th>Overlay</th>
              {targets.map((target) => (
                <th key={target.name} className="font-medium">
                  {target.name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {overlays.map(([id, name]) => (
              <tr key={id}>
                <th scope="row" className="font-medium">
                  {name}
                </th>
                {targets.map((target) => {
                  const line = lines.find(
                    (one) => one.overlayId === id && one.target === target.name,
                  );
                  return (
                    <td
                      key={target.name}
                      className={line?.problem ? "text-error" : line && LOOK[line.standing].look}
                      title={line && [...line.files, ...line.changes].join("\n")}
                    >
                      {!line ? "—" : line.problem ? "cannot be written" : LOOK[line.standing].words}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <h3 className="mb-1 text-sm font-semibold">Deliveries of the package</h3>
      {runs.runs.filter((run) => run.state !== "RUNNING").length === 0 && (
        <p className="text-sm opacity-75">None yet.</p>
      )}
      {runs.runs
        .filter((run) => run.state !== "RUNNING")
        .map((run) => (
          <RunLinks key={run.id} run={run} />
        ))}
    </>
  );
}
