import type { MarkRun } from "../api/client";
import { FolderPath } from "../deliver/DeliveryFolder";

interface Props {
  packageId: number;
  run: MarkRun;
  onCallOff: () => void;
}

/** How far a run is, or how it ended and where its files are. */
export function RunLine({ packageId, run, onCallOff }: Props) {
  const ended = run.done + run.failed + run.skipped;
  if (run.going) {
    return (
      <div className="flex shrink-0 items-center gap-3 border-b border-base-300 bg-base-100 px-5 py-2 text-sm">
        <progress
          className="progress progress-primary w-48"
          aria-label="Marked"
          value={ended}
          max={run.all}
        />
        <span role="status" className="min-w-0 flex-1 truncate">
          {ended} of {run.all}
          {run.failed > 0 && `, ${run.failed} not`}
          {run.secondsLeft > 0 && `; ${left(run.secondsLeft)} left`}
        </span>
        <button type="button" className="btn btn-sm" onClick={onCallOff}>
          Call off
        </button>
      </div>
    );
  }
  if (run.sentence === "") return null;
  return (
    <div className="flex shrink-0 items-center gap-3 border-b border-base-300 bg-base-100 px-5 py-2 text-sm">
      <span role="status" className="min-w-0 flex-1">
        {run.sentence}
        {run.done + run.skipped > 0 && (
          <>
            {" "}
            They lie in <FolderPath path={run.folder} />.
          </>
        )}
      </span>
      <a
        className="btn btn-sm"
        href={`/api/packages/${packageId}/photographs/report.html`}
        target="_blank"
        rel="noreferrer"
      >
        Report
      </a>
      <a className="btn btn-sm" href={`/api/packages/${packageId}/photographs/files.zip`} download>
        All as a zip file
      </a>
    </div>
  );
}

function left(seconds: number): string {
  return seconds < 90 ? `${seconds} s` : `${Math.ceil(seconds / 60)} min`;
}
