import { FileJson, FileText, FolderDown } from "lucide-react";
import type { RunStatus } from "../api/client";

/** What became of a run, with its files and its report to take away. */
export function RunLinks({ run }: { run: RunStatus }) {
  const failed = run.files.filter((file) => file.state === "FAILED");
  const done = run.delivered > 0;
  return (
    <div className="mb-3">
      <div className="flex flex-wrap items-center gap-2 text-sm">
        <span className="min-w-0 flex-1">
          {run.sentence}{" "}
          <span className="text-xs opacity-75">{new Date(run.startedAt).toLocaleString()}</span>
        </span>
        {done && (
          <>
            <a className="btn btn-sm" href={`/api/delivery-runs/${run.id}/files.zip`} download>
              <FolderDown size={14} aria-hidden /> All files as a zip
            </a>
            <a
              className="btn btn-sm"
              href={`/api/delivery-runs/${run.id}/report.html`}
              target="_blank"
              rel="noreferrer"
            >
              <FileText size={14} aria-hidden /> Report to print
            </a>
            <a className="btn btn-sm" href={`/api/delivery-runs/${run.id}/report.json`} download>
              <FileJson size={14} aria-hidden /> Report as JSON
            </a>
          </>
        )}
      </div>
      {failed.length > 0 && (
        <ul className="mt-1 text-sm text-error">
          {failed.map((file) => (
            <li key={file.id}>
              {file.fileName}: {file.sentence}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
