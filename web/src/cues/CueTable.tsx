import { useVirtualizer } from "@tanstack/react-virtual";
import { TriangleAlert } from "lucide-react";
import { useEffect, useRef } from "react";
import type { Cue, CueFound, CueList, StillLine } from "../api/client";
import { besides } from "./list";
import { seconds, timecode } from "./timecode";

const ROW_HEIGHT = 28;

interface Props {
  list: CueList;
  labelOf: (cue: Cue) => string;
  standingOf: (cue: Cue) => StillLine["standing"] | undefined;
  found: readonly CueFound[];
  chosen: number | undefined;
  onChoose: (cue: Cue) => void;
}

/** All cues in the order of time; only the rows in view are there. */
export function CueTable({ list, labelOf, standingOf, found, chosen, onChoose }: Props) {
  const area = useRef<HTMLDivElement>(null);
  // eslint-disable-next-line react-hooks/incompatible-library -- the table is drawn anew with its list
  const rows = useVirtualizer({
    count: list.cues.length,
    getScrollElement: () => area.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: 6,
  });
  const at = list.cues.findIndex(({ id }) => id === chosen);
  useEffect(() => {
    if (at >= 0) rows.scrollToIndex(at);
  }, [at]); // eslint-disable-line react-hooks/exhaustive-deps -- only when another one is chosen
  const { base } = list.clip;
  const wrong = new Set(found.map(({ cue }) => cue));
  return (
    <div
      ref={area}
      role="table"
      aria-label="Cues"
      aria-rowcount={list.cues.length + 1}
      tabIndex={0}
      onKeyDown={(event) => {
        const by = event.key === "ArrowDown" ? 1 : event.key === "ArrowUp" ? -1 : undefined;
        const next = by && besides(list.cues, chosen, by);
        if (!next) return;
        event.preventDefault();
        onChoose(next);
      }}
      className="min-h-32 flex-1 overflow-y-auto text-sm"
    >
      <div
        role="row"
        className="sticky top-0 z-10 flex border-b border-base-300 bg-base-100 px-3 py-1 text-xs opacity-80"
      >
        <span role="columnheader" className="w-24">
          From
        </span>
        <span role="columnheader" className="w-14">
          For
        </span>
        <span role="columnheader" className="w-11">
          Lane
        </span>
        <span role="columnheader" className="flex-1">
          Still
        </span>
      </div>
      <div style={{ height: rows.getTotalSize(), position: "relative" }}>
        {rows.getVirtualItems().map(({ index, start }) => {
          const cue = list.cues[index];
          if (!cue) return null;
          const standing = standingOf(cue);
          return (
            <div
              key={cue.id}
              role="row"
              aria-rowindex={index + 2}
              aria-selected={cue.id === chosen}
              className={`absolute flex w-full cursor-pointer items-center px-3 ${
                cue.id === chosen ? "bg-primary text-primary-content" : "hover:bg-base-200"
              }`}
              style={{ height: ROW_HEIGHT, top: start }}
              onClick={() => onChoose(cue)}
            >
              <span role="cell" className="w-24 shrink-0">
                {timecode(cue.from, base)}
              </span>
              <span role="cell" className="w-14 shrink-0">
                {seconds(cue.length, base)}
              </span>
              <span role="cell" className="w-11 shrink-0">
                {cue.lane}
              </span>
              <span role="cell" className="flex min-w-0 flex-1 items-center">
                <span className="min-w-0 flex-1 truncate" title={labelOf(cue)}>
                  {labelOf(cue)}
                </span>
                {wrong.has(cue.id) && (
                  <TriangleAlert
                    size={14}
                    className="shrink-0"
                    aria-label={standing === "DELIVERED" ? "To look at" : "Not there as it is now"}
                  />
                )}
              </span>
            </div>
          );
        })}
      </div>
    </div>
  );
}
