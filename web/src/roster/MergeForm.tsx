import { useState } from "react";
import type { MergeSummary } from "../api/client";

interface Props {
  summary: MergeSummary;
  onMerge: (taken: readonly string[], withoutGone: boolean) => void;
  onLeave: () => void;
}

type Disputed = MergeSummary["disputed"][number];

const placeOf = (cell: Disputed) => `${cell.row}.${cell.column}`;

/** What the table given again would change; where both changed a cell, each is asked about. */
export function MergeForm({ summary, onMerge, onLeave }: Props) {
  const { added, changed, same, gone, disputed } = summary;
  const [taken, setTaken] = useState<ReadonlySet<string>>(new Set());
  const [withoutGone, setWithoutGone] = useState(false);
  const take = (cells: Disputed[], theirs: boolean) => {
    const next = new Set(taken);
    for (const cell of cells) {
      if (theirs) next.add(placeOf(cell));
      else next.delete(placeOf(cell));
    }
    setTaken(next);
  };
  return (
    <div
      role="group"
      aria-label="The table given again"
      className="w-full rounded border border-base-300 bg-base-200 p-3 text-sm"
    >
      <p role="status">
        This table has {added} new, {changed} changed, {same} the same, {gone} gone.
        {disputed.length > 0 &&
          ` ${disputed.length === 1 ? "One cell was" : `${disputed.length} cells were`} changed by you and by the table.`}
      </p>
      {disputed.length > 0 && (
        <>
          <p className="mt-1 flex gap-2">
            <button type="button" className="btn btn-xs" onClick={() => take(disputed, false)}>
              All mine
            </button>
            <button type="button" className="btn btn-xs" onClick={() => take(disputed, true)}>
              All of the table
            </button>
          </p>
          <ul className="my-1 max-h-48 overflow-y-auto">
            {disputed.map((cell) => (
              <li key={placeOf(cell)} className="flex flex-wrap items-baseline gap-x-3 py-0.5">
                <span className="w-56 truncate opacity-75">
                  {cell.key}, {cell.name}
                </span>
                {[false, true].map((theirs) => (
                  <label key={String(theirs)} className="flex min-w-0 items-baseline gap-1">
                    <input
                      type="radio"
                      className="radio radio-xs self-center"
                      name={placeOf(cell)}
                      checked={taken.has(placeOf(cell)) === theirs}
                      onChange={() => take([cell], theirs)}
                    />
                    <span className="opacity-75">{theirs ? "the table's" : "mine"}</span>
                    <span className="max-w-60 truncate" dir="auto">
                      {(theirs ? cell.table : cell.ours) || "(empty)"}
                    </span>
                  </label>
                ))}
              </li>
            ))}
          </ul>
        </>
      )}
      <p className="mt-2 flex items-center gap-3">
        {gone > 0 && (
          <label className="flex items-center gap-1">
            <input
              type="checkbox"
              className="checkbox checkbox-xs"
              checked={withoutGone}
              onChange={(event) => setWithoutGone(event.target.checked)}
            />
            Take away the {gone} that {gone === 1 ? "is" : "are"} gone
          </label>
        )}
        <button
          type="button"
          className="btn btn-primary btn-sm"
          onClick={() => onMerge([...taken], gone > 0 && withoutGone)}
        >
          Merge
        </button>
        <button type="button" className="btn btn-ghost btn-sm" onClick={onLeave}>
          Leave it
        </button>
      </p>
    </div>
  );
}
