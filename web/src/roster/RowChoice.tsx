import type { SavedRoster } from "../api/client";
import { useRowInHand } from "./rowInHand";
import { useExtremes, useRosterRows } from "./useRosters";

interface Props {
  saved: SavedRoster;
  overlayId: number;
}

const MOST_LISTED = 200;

/** Which row the overlay is shown with while it is designed; those that decide come first. */
export function RowChoice({ saved, overlayId }: Props) {
  const { rows, take } = useRowInHand();
  const look = saved.asking.map((one) => `${one.overlayId}.${one.revision}`).join();
  const extremes = useExtremes(saved.id, look).data ?? [];
  const all = useRosterRows(saved.id).data ?? [];
  const places = new Map(all.map((row, i) => [row.id, i]));
  const key = Math.max(0, saved.roster.columns.indexOf(saved.roster.key));
  const label = (id: number) => {
    const place = places.get(id) ?? 0;
    return `row ${place + 1}, ${all[place]?.cells[key] ?? ""}`.slice(0, 60);
  };
  const chosen = rows[saved.id] ?? 0;
  const unknown =
    saved.asking
      .find((one) => one.overlayId === overlayId)
      ?.asked.filter((one) => one.column === "") ?? [];
  return (
    <span className="flex min-w-0 items-center gap-1">
      <span className="opacity-75">Shown with</span>
      <select
        aria-label="Shown with row"
        className="word max-w-64 truncate"
        value={places.has(chosen) ? chosen : 0}
        onChange={(event) => take(saved.id, Number(event.target.value))}
      >
        <option value={0}>no row</option>
        <optgroup label="That decide">
          {extremes.map((one) => (
            <option key={`${one.row} ${one.why}`} value={one.row}>
              {label(one.row)} · {one.why}
            </option>
          ))}
        </optgroup>
        <optgroup label="All">
          {all
            .filter((row, i) => i < MOST_LISTED || row.id === chosen)
            .map((row) => (
              <option key={row.id} value={row.id}>
                {label(row.id)}
              </option>
            ))}
        </optgroup>
      </select>
      {unknown.length > 0 && (
        <span role="status" className="truncate text-error">
          {saved.roster.name} has no column {unknown.map((one) => `{${one.name}}`).join(", ")}.
        </span>
      )}
    </span>
  );
}
