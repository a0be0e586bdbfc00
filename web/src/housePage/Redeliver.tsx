import { useState } from "react";
import { answer, api, type RunStatus, type TouchedOverlay } from "../api/client";
import { watchRun } from "../deliver/watchRun";

interface Props {
  touched: readonly TouchedOverlay[];
  keptOut: ReadonlySet<number>;
  onDone: () => void;
}

/** Follows a run to its end. */
function ended(run: RunStatus, onStatus: (now: RunStatus) => void): Promise<RunStatus> {
  return new Promise((done) => {
    let last = run;
    watchRun(
      run.id,
      (now) => {
        last = now;
        onStatus(now);
      },
      () => done(last),
    );
  });
}

/** Delivers again what was delivered and has changed, in every package that was touched. */
export function Redeliver({ touched, keptOut, onDone }: Props) {
  const stale = touched.filter((one) => !keptOut.has(one.id) && one.files.length > 0);
  const files = stale.reduce((sum, one) => sum + one.files.length, 0);
  const [said, setSaid] = useState("");
  const [working, setWorking] = useState(false);
  const [done, setDone] = useState(false);
  const deliver = async () => {
    setWorking(true);
    try {
      let written = 0;
      let planned = 0;
      const failed: string[] = [];
      for (const packageId of new Set(stale.map((one) => one.packageId))) {
        const runs = await answer(
          api.POST("/api/packages/{id}/delivered-again", {
            params: { path: { id: packageId } },
            body: {
              overlays: stale.filter((one) => one.packageId === packageId).map((one) => one.id),
            },
          }),
        );
        for (const run of runs) {
          planned += run.planned;
          const end = await ended(run, (now) =>
            setSaid(`${written + now.delivered} of ${files} delivered again…`),
          );
          written += end.delivered;
          if (end.delivered < end.planned) failed.push(end.sentence || end.doing);
        }
      }
      setSaid(
        written === planned
          ? `${written} ${written === 1 ? "file was" : "files were"} delivered again, under the same names.`
          : `${written} of ${planned} files were delivered again; look at Deliver for the others. ${failed.join(" ")}`,
      );
      setDone(true);
    } catch (e) {
      setSaid(e instanceof Error ? e.message : String(e));
    }
    setWorking(false);
  };
  return (
    <>
      <span role="status" className="text-sm">
        {said}
      </span>
      {files > 0 && !done && (
        <button
          type="button"
          className="btn btn-primary btn-sm"
          disabled={working}
          autoFocus
          onClick={() => void deliver()}
        >
          Deliver {files === 1 ? "the file" : `the ${files} files`} again
        </button>
      )}
      <button type="button" className="btn btn-sm" onClick={onDone}>
        {files > 0 && !done ? "Not now" : "Done"}
      </button>
    </>
  );
}
