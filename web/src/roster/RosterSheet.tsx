import { useMemo, useState } from "react";
import type { Overlay, SavedRoster, SavedRow } from "../api/client";
import { RunLinks } from "../deliver/RunLinks";
import { RunProgress } from "../deliver/RunProgress";
import { useRuns } from "../deliver/useRuns";
import { useKeys } from "../app/keys";
import { Notice } from "../ui/Notice";
import { Tabs } from "../ui/Tabs";
import { Feeding } from "./Feeding";
import { FindReplace } from "./FindReplace";
import { LargeRow } from "./LargeRow";
import { RosterMenu } from "./RosterMenu";
import { RowTable } from "./RowTable";
import { useRowInHand } from "./rowInHand";
import { useDeliverRows } from "./useDeliverRows";
import { useExtremes } from "./useRosters";
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

const FILTERS = ["All", "To put right", "Extremes", "Left out"] as const;
type Filter = (typeof FILTERS)[number];

/** A roster: what it feeds, its rows, and their delivery. */
export function RosterSheet(props: Props) {
  const { saved, rosters, overlay, overlayId, onChoose, onFiles, onChanged } = props;
  const designs = saved.asking.filter((one) => one.fed);
  const design = designs.find((one) => one.overlayId === overlayId) ?? designs[0];
  const look = `${saved.revision}:${saved.asking.map((one) => `${one.overlayId}.${one.revision}.${one.fed}`).join()}`;
  const rows = useRows(saved.id, look);
  const extremes = useExtremes(saved.id, `${look}:${rows.stamp}`);
  const runs = useRuns(saved.packageId);
  const delivery = useDeliverRows(saved, runs);
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
  const shown = rows.rows.filter((row) => passes(row, filter, rows.troubles, why));
  const chosen = rows.rows.find((row) => row.id === inHand[saved.id]) ?? shown[0];
  useKeys({ "Mod+z": rows.undo });
  const wrong = rows.rows.filter((row) => !row.leftOut && rows.troubles.has(row.id)).length;
  const leftOut = rows.rows.filter((row) => row.leftOut).length;
  const right = rows.rows.length - leftOut - wrong;
  const counts: Record<Filter, number> = {
    All: rows.rows.length,
    "To put right": wrong,
    Extremes: why.size,
    "Left out": leftOut,
  };
  const last = runs.runs.find((run) => run.id === delivery.lastRun);
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="flex shrink-0 flex-wrap items-center gap-2 border-b border-base-300 bg-base-100 px-4 py-2">
        <RosterMenu
          saved={saved}
          rosters={rosters}
          onChoose={onChoose}
          onFiles={onFiles}
          onChanged={onChanged}
          onMerged={() => void rows.fetchAnew().then(onChanged)}
          onAddRow={() => void rows.add([saved.roster.columns.map(() => "")])}
        />
        <Tabs
          label="Rows shown"
          names={FILTERS.map((name) => `${name} ${counts[name]}`)}
          chosen={`${filter} ${counts[filter]}`}
          onChoose={(name) => setFilter(FILTERS.find((one) => name.startsWith(one)) ?? "All")}
        />
        <FindReplace roster={saved.roster} rows={rows} />
        {rows.undoes !== undefined && (
          <button type="button" className="btn btn-ghost btn-sm" onClick={rows.undo}>
            Undo: {rows.undoes}
          </button>
        )}
        <span className="flex-1" />
        {rows.checking && <span className="text-xs opacity-70">Rows are being checked…</span>}
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
          onClick={() => void delivery.start(false)}
        >
          Deliver {right} {right === 1 ? "row" : "rows"}
        </button>
        <button
          type="button"
          className="btn btn-sm"
          disabled={right === 0 || !design || runs.running !== undefined}
          onClick={() => void delivery.start(true)}
        >
          Only what changed
        </button>
      </div>
      <Feeding saved={saved} overlayId={overlayId} onChanged={onChanged} />
      <RunProgress running={runs.running} onCallOff={() => void runs.callOff()} />
      {(rows.problem || delivery.problem) && (
        <div className="px-4 pt-2">
          <Notice>{rows.problem || delivery.problem}</Notice>
        </div>
      )}
      {last && last.state !== "RUNNING" && (
        <div className="border-b border-base-300 px-4 pt-2">
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
          onChoose={(row) => take(saved.id, row.id)}
        />
      )}
    </div>
  );
}

function passes(
  row: SavedRow,
  filter: Filter,
  troubles: ReadonlyMap<number, unknown>,
  why: ReadonlyMap<number, unknown>,
): boolean {
  switch (filter) {
    case "All":
      return true;
    case "To put right":
      return !row.leftOut && troubles.has(row.id);
    case "Extremes":
      return why.has(row.id);
    case "Left out":
      return row.leftOut;
  }
}
