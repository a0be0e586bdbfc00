import { Download } from "lucide-react";
import type { DeliveryStatus } from "../api/client";

interface Props {
  delivery: DeliveryStatus;
  newest: boolean;
}

/** What a delivery wrote, in words, with all that is in the file when unfolded. */
export function DeliveryReport({ delivery, newest }: Props) {
  const done = delivery.state === "DONE";
  const there = done && delivery.now === "";
  const { report } = delivery;
  return (
    <article
      aria-label={delivery.fileName}
      className={`mb-3 rounded-box border bg-base-100 p-3 ${done ? "border-base-300" : "border-error"}`}
    >
      <div className="flex items-baseline gap-3">
        <h3 className="min-w-0 flex-1 break-all font-semibold">{delivery.fileName}</h3>
        <span className="shrink-0 text-xs opacity-75">
          {delivery.targetName && `${delivery.targetName}, `}revision {delivery.revision},{" "}
          {new Date(delivery.startedAt).toLocaleString()}
        </span>
        {there && (
          <a
            className="btn btn-sm shrink-0"
            href={`/api/deliveries/${delivery.id}/file`}
            download={delivery.fileName}
          >
            <Download size={14} aria-hidden /> Fetch
          </a>
        )}
      </div>
      <p className={`mt-1 ${done ? "" : "text-error"}`}>{delivery.sentence.replace(/\.?$/, ".")}</p>
      {delivery.now && <p className="mt-1 text-warning">{delivery.now}</p>}
      {done && <p className="mt-1 break-all text-xs opacity-80">{delivery.path}</p>}
      {report && (
        <>
          {(report.alpha !== "NONE" || report.channels === 1) && (
            <Shares clear={report.clear} partial={report.partial} solid={report.solid} />
          )}
          <details open={newest} className="mt-2 text-xs">
            <summary className="cursor-pointer opacity-80">What is in the file</summary>
            <dl className="mt-1 grid grid-cols-[max-content_1fr] gap-x-4 gap-y-0.5">
              <dt className="opacity-75">Drawn</dt>
              <dd>
                {report.drawn
                  ? `${report.drawn.width} × ${report.drawn.height} px, from ${report.drawn.left} right, ${report.drawn.top} down`
                  : "nothing"}
              </dd>
              {delivery.edges && (
                <>
                  <dt className="opacity-75">Edges</dt>
                  <dd>{delivery.edges}</dd>
                </>
              )}
              <dt className="opacity-75">Length</dt>
              <dd>{report.bytes.toLocaleString()} bytes</dd>
              <dt className="opacity-75">SHA-256</dt>
              <dd className="break-all">{report.sha256}</dd>
              {Object.entries(report.tags).map(([tag, value]) => (
                <div key={tag} className="contents">
                  <dt className="opacity-75">{tag}</dt>
                  <dd className="break-all">{value}</dd>
                </div>
              ))}
            </dl>
          </details>
        </>
      )}
    </article>
  );
}

function Shares({ clear, partial, solid }: { clear: number; partial: number; solid: number }) {
  const bars = [
    ["clear", clear, "checker"],
    ["partial", partial, "bg-primary/50"],
    ["solid", solid, "bg-primary"],
  ] as const;
  return (
    <div className="mt-2 flex h-2 overflow-hidden rounded-full" aria-hidden>
      {bars.map(([name, share, look]) => (
        <span key={name} className={look} style={{ width: `${share * 100}%` }} />
      ))}
    </div>
  );
}
