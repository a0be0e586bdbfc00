import { useMemo, useState } from "react";
import type { Overlay, SavedRoster } from "../api/client";
import { RunLinks } from "../deliver/RunLinks";
import { RunProgress } from "../deliver/RunProgress";
import { useRuns } from "../deliver/useRuns";
import { useKeys } from "../ui/keys";
import { Notice } from "../ui/Notice";
import { Tabs } from "../ui/Tabs";
import { Feeding } from "./Feeding";
import { FindReplace } from "./FindReplace";
import { LargeRow } from "./LargeRow";
import { RosterMenu } from "./RosterMenu";
import { RowTable } from "./RowTable";
import { useRowInHand } from "./rowInHand";
import { useDeliverRows } from "./useDeliverRows";
import { FILTERS, type Filter, passes } from "./filters";
import { usePicked } from "./usePicked";
import { useChangedRows, useExtremes } from "./useRosters";
import { useRows } from "./useRows";

interface Props {
  saved: SavedRoster;
  rosters: SavedRoster[];
  overlay: Overlay;
  overlayId: number;
  onChoose: (roster: number) => void;
  onFiles: (files: File[]) => void;
  onChanged: () => void;
}

/** A roster: what it feeds, its rows, and their delivery. */
export function RosterSheet(props: Props) {
  const { saved, rosters, overlay, overlayId, onChoose, onFiles, onChanged } = props;
  const designs = saved.asking.filter((one) => one.fed);
  const design = designs.find((one) => one.overlayId === overlayId) ?? designs[0];
  const look = `${saved.revision}:${saved.asking.map((one) => `${one.overlayId}.${one.revision}.${one.fed}`).join()}`;
  const rows = useRows(saved.id, look);
  const extremes = useExtremes(rows.seen ? saved.id : undefined, `${look}:${rows.stamp}`);
  const runs = useRuns(saved.packageId);
  const delivery = useDeliverRows(saved, runs, rows.kept);
  const [filter, setFilter] = useState<Filter>("All");
  const [large, showLarge] = useState(false);
  const { rows: inHand, take } = useRowInHand();
  const why = useMemo(() => {
    const byRow = new Map<number, string[]>();
    for (const one of extremes.data ?? []) {
      byRow.set(one.row, [...(byRow.get(one.row) ?? []), one.why]);
    }
    return byRow;
  }, [extremes.data]);
  const last = runs.runs.find((run) => run.id === delivery.lastRun);
  const changed = useChangedRows(
    saved.id,
    `${look}:${rows.stamp}:${runs.runs[0]?.id}.${runs.runs[0]?.state}`,
    filter === "Changed since delivered",
  );
  const { picked, pick, pickNone } = usePicked(rows.rows);
  const facts = { troubles: rows.troubles, why, picked, changed: new Set(changed.data) };
  const shown = rows.rows.filter((row) => passes(row, filter, facts));
  const chosen = rows.rows.find((row) => row.id === inHand[saved.id]) ?? shown[0];
  useKeys({ "Mod+z": rows.undo });
  const going = rows.rows.filter((row) => picked.size === 0 || picked.has(row.id));
  const right = going.filter((row) => !row.leftOut && !rows.troubles.has(row.id)).length;
  const label = (name: Filter) =>
    name === "Changed since delivered" && !changed.data
      ? name
      : `${name} ${rows.rows.filter((row) => passes(row, name, facts)).length}`;
  const filters = FILTERS.filter((name) => name !== "Chosen" || picked.size > 0 || filter === name);
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="flex shrink-0 flex-wrap items-center gap-2 bg-base-100 px-4 pt-2">
        <RosterMenu
          saved={saved}
          rosters={rosters}
          onChoose={onChoose}
          onFiles={onFiles}
          onChanged={onChanged}
          kept={rows.kept}
          onMerged={() => void rows.fetchAnew().then(onChanged)}
          onAddRow={() => void rows.add([saved.roster.columns.map(() => "")])}
        />
        {rows.undoes !== undefined && (
          <button type="button" className="btn btn-ghost btn-sm" onClick={rows.undo}>
            Undo: {rows.undoes}
          </button>
        )}
        <span className="flex-1" />
        <button
          type="button"
          className="btn btn-sm"
          disabled={!chosen || !design}
          aria-pressed={large}
          onClick={() => showLarge(!large)}
        >
          {large ? "Table" : "One row large"}
        </button>
        <button
          type="button"
          className="btn btn-primary btn-sm"
          disabled={right === 0 || !design || runs.running !== undefined}
          onClick={() => void delivery.start(false, [...picked])}
        >
          Deliver {right} {picked.size > 0 && "chosen "}
          {right === 1 ? "row" : "rows"}
        </button>
        <button
          type="button"
          className="btn btn-sm"
          disabled={right === 0 || !design || runs.running !== undefined}
          onClick={() => void delivery.start(true, [...picked])}
        >
          Only what changed
        </button>
      </div>
      <div className="flex shrink-0 flex-wrap items-center gap-2 border-b border-base-300 bg-base-100 px-4 py-1.5">
        <Tabs
          label="Rows shown"
          names={filters.map(label)}
          chosen={label(filter)}
          onChoose={(name) => setFilter(FILTERS.find((one) => name.startsWith(one)) ?? "All")}
        />
        {picked.size > 0 && (
          <button type="button" className="btn btn-ghost btn-xs" onClick={pickNone}>
            Choose none
          </button>
        )}
        <FindReplace roster={saved.roster} rows={rows} />
        {rows.checking && <span className="text-xs opacity-70">Rows are being checked…</span>}
      </div>
      <Feeding saved={saved} overlayId={overlayId} onChanged={onChanged} />
      <RunProgress running={runs.running} onCallOff={() => void runs.callOff()} />
      {(rows.problem || delivery.problem) && (
        <div className="px-4 pt-2">
          <Notice>{rows.problem || delivery.problem}</Notice>
        </div>
      )}
      {last && last.state !== "RUNNING" && (
        <div className="max-h-36 shrink-0 overflow-y-auto border-b border-base-300 px-4 pt-2">
          <RunLinks run={last} />
        </div>
      )}
      {large && chosen && design ? (
        <LargeRow
          saved={saved}
          design={design}
          overlay={overlay}
          rows={shown.some((row) => row.id === chosen.id) ? shown : rows.rows}
          chosen={chosen}
          all={rows}
          why={why.get(chosen.id) ?? []}
          onChoose={(row) => take(saved.id, row.id)}
        />
      ) : (
        <RowTable
          saved={saved}
          design={design}
          rows={shown}
          all={rows}
          why={why}
          chosen={chosen?.id}
          picked={picked}
          onChoose={(row) => take(saved.id, row.id)}
          onPick={(row, upTo) => pick(row, upTo ? shown : undefined)}
        />
      )}
    </div>
  );
}
