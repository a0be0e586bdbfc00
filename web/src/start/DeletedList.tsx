import type { Deleted } from "../api/client";

interface Props {
  /** What they are, such as "overlays". */
  what: string;
  deleted: readonly Deleted[];
  onReturn: (one: Deleted) => void;
}

/** What was deleted within the last month and can be brought back; nothing if there is none. */
export function DeletedList({ what, deleted, onReturn }: Props) {
  if (deleted.length === 0) return null;
  return (
    <details className="mt-3 text-sm">
      <summary className="w-fit cursor-pointer opacity-75">
        Deleted {what}, kept for a month: {deleted.length}
      </summary>
      <ul className="mt-2 flex flex-col gap-1">
        {deleted.map((one) => (
          <li key={one.id} className="flex items-center gap-3">
            <span className="min-w-40">{one.name}</span>
            <span className="opacity-75">
              {new Date(one.deletedAt).toLocaleString("en-GB", {
                dateStyle: "medium",
                timeStyle: "short",
              })}
            </span>
            <button
              type="button"
              className="btn btn-xs"
              aria-label={`Bring ${one.name} back`}
              onClick={() => onReturn(one)}
            >
              Bring back
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
