import type { RunStatus } from "../api/client";

interface Props {
  running: RunStatus | undefined;
  onCallOff: () => void;
}

/** Too few files tell nothing of how long the others take. */
const TELLING = 5;

/** Files a second and the time left, once enough are written. */
function pace({ finished, planned, startedAt }: RunStatus): string {
  const seconds = (Date.now() - new Date(startedAt).getTime()) / 1000;
  if (finished < TELLING || seconds <= 0) return "";
  const rate = finished / seconds;
  const left = Math.ceil((planned - finished) / rate);
  const time = left < 90 ? `${left} s` : `${Math.ceil(left / 60)} min`;
  return `; ${rate.toFixed(rate < 10 ? 1 : 0)} a second, ${time} left`;
}

/** How far the delivery is that is running. */
export function RunProgress({ running, onCallOff }: Props) {
  if (running?.state !== "RUNNING") return null;
  return (
    <div className="flex shrink-0 items-center gap-3 border-b border-base-300 bg-base-100 px-5 py-2 text-sm">
      <progress
        className="progress progress-primary w-48"
        aria-label="Delivered"
        value={running.progress}
        max={1}
      />
      <span role="status" className="min-w-0 flex-1 truncate">
        {running.finished} of {running.planned}
        {running.doing && `, ${running.doing}`}
        {pace(running)}
      </span>
      <button type="button" className="btn btn-sm" onClick={onCallOff}>
        Call off
      </button>
    </div>
  );
}
