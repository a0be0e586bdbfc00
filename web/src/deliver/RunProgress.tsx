import type { RunStatus } from "../api/client";

interface Props {
  running: RunStatus | undefined;
  onCallOff: () => void;
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
      </span>
      <button type="button" className="btn btn-sm" onClick={onCallOff}>
        Call off
      </button>
    </div>
  );
}
