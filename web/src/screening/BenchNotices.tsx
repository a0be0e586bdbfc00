import { Notice } from "../ui/Notice";

interface Props {
  /** The clip that the browser cannot play; empty for none. */
  undecoded: string;
  /** Whether the list was changed elsewhere meanwhile. */
  stale: boolean;
  onSettle: (by: "own" | "other") => void;
  /** Sentences; empty ones are none. */
  problems: readonly string[];
}

/** What is wrong with the clip or the list, each with what can be done. */
export function BenchNotices({ undecoded, stale, onSettle, problems }: Props) {
  return (
    <>
      {undecoded && (
        <div className="p-2">
          <Notice>
            &quot;{undecoded}&quot; cannot be played by this browser. Save it as WebM or MP4, or
            take another clip.
          </Notice>
        </div>
      )}
      {stale && (
        <div role="alert" className="flex flex-wrap gap-1 border-b border-base-300 p-3 text-sm">
          <p className="w-full">
            This list was changed elsewhere meanwhile. Nothing was overwritten; what you changed is
            still here.
          </p>
          <button type="button" className="btn btn-xs" onClick={() => onSettle("own")}>
            Keep mine
          </button>
          <button type="button" className="btn btn-xs" onClick={() => onSettle("other")}>
            Take the other
          </button>
        </div>
      )}
      {problems.filter(Boolean).map((sentence) => (
        <div key={sentence} className="p-2">
          <Notice>{sentence}</Notice>
        </div>
      ))}
    </>
  );
}
