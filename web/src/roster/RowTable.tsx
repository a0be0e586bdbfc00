import { useVirtualizer } from "@tanstack/react-virtual";
import { type ClipboardEvent, type KeyboardEvent, useMemo, useRef, useState } from "react";
import type { DesignAsking, SavedRoster, SavedRow } from "../api/client";
import { type Cell, block, forClipboard, moved } from "./cells";
import { TableRow } from "./TableRow";
import type { Rows } from "./useRows";

interface Props {
  saved: SavedRoster;
  /** Nothing if the rows fill no overlay. */
  design: DesignAsking | undefined;
  /** Those shown. */
  rows: SavedRow[];
  all: Rows;
  why: ReadonlyMap<number, string[]>;
  chosen: number | undefined;
  /** Ids of those that something is to be done with. */
  picked: ReadonlySet<number>;
  onChoose: (row: SavedRow) => void;
  /** Picks a row, or all from the one picked before up to it. */
  onPick: (row: number, upTo: boolean) => void;
}

const ROW_HEIGHT = 76;
const MOVING = /^(Arrow|Home|End|Page|Tab|Enter)/;

/** The rows with a picture each; cells are edited as in a spreadsheet. */
export function RowTable(props: Props) {
  const { saved, design, rows, all, why, chosen, picked, onChoose, onPick } = props;
  const columns = saved.roster.columns;
  const scroll = useRef<HTMLDivElement>(null);
  const [at, setAt] = useState<Cell>({ row: 0, column: 0 });
  const [draft, showDraft] = useState<string | null>(null);
  /** What is being typed into the cell in hand; at once, since leaving the field follows giving up within one press of a key. */
  const typed = useRef<string | null>(null);
  const setDraft = (next: string | null) => {
    typed.current = next;
    showDraft(next);
  };
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are called here only
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroll.current,
    estimateSize: () => ROW_HEIGHT,
    overscan: 3,
  });
  // Ten thousand of them, while the table is scrolled.
  const numbers = useMemo(() => new Map(all.rows.map((row, i) => [row.id, i + 1])), [all.rows]);
  const cell = { row: Math.min(at.row, rows.length - 1), column: at.column };
  const row = rows[cell.row];

  const go = (to: Cell) => {
    setAt(to);
    setDraft(null);
    virtual.scrollToIndex(to.row);
    const there = rows[to.row];
    if (there) onChoose(there);
  };
  const keep = (changed: SavedRow, column: number, text: string, did: string) => {
    if (changed.cells[column] === text) return;
    const cells = [...changed.cells];
    cells[column] = text;
    all.keep([{ ...changed, cells }], did);
  };
  const take = () => {
    const now = typed.current;
    setDraft(null);
    if (row && now !== null) keep(row, cell.column, now, `Type "${now.slice(0, 20)}"`);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (!row) return;
    const typing = draft !== null;
    const mod = event.ctrlKey || event.metaKey;
    if (typing) {
      if (event.key === "Escape") {
        setDraft(null);
      } else if (event.key === "Tab" || (event.key === "Enter" && !event.altKey)) {
        take();
        go(moved(cell, event.key, event.shiftKey, rows.length, columns.length));
      } else {
        return;
      }
      event.preventDefault();
      event.stopPropagation();
      scroll.current?.focus();
      return;
    }
    if (mod || event.altKey) return;
    if (event.key === " " && event.shiftKey) {
      onPick(row.id, false);
    } else if (event.key === "Enter" || event.key === "F2") {
      const text = row.cells[cell.column] ?? "";
      setDraft(text);
    } else if (event.key === "Delete" || event.key === "Backspace") {
      keep(row, cell.column, "", "Empty a cell");
    } else if (MOVING.test(event.key)) {
      const next = moved(cell, event.key, event.shiftKey, rows.length, columns.length);
      if (event.key === "Tab" && next.row === cell.row && next.column === cell.column) return;
      go(next);
    } else if (event.key.length === 1) {
      setDraft(event.key === " " ? "" : event.key);
    } else {
      return;
    }
    event.preventDefault();
    event.stopPropagation();
  };
  const onCopy = (event: ClipboardEvent) => {
    if (draft !== null || !row) return;
    event.preventDefault();
    event.clipboardData.setData("text/plain", forClipboard(row.cells[cell.column] ?? ""));
  };
  const onPaste = (event: ClipboardEvent) => {
    if (draft !== null) return;
    event.preventDefault();
    const cells = block(event.clipboardData.getData("text/plain"));
    const changed: SavedRow[] = [];
    cells.forEach((line, down) => {
      const there = rows[cell.row + down];
      if (!there) return;
      const next = [...there.cells];
      line.forEach((text, right) => {
        if (cell.column + right < columns.length) next[cell.column + right] = text;
      });
      changed.push({ ...there, cells: next });
    });
    all.keep(changed, cells.length > 1 ? "Paste cells" : "Paste a cell");
    const more = cells.slice(rows.length - cell.row);
    if (more.length > 0 && rows.length === all.rows.length) {
      void all.add(
        more.map((line) =>
          columns.map((_, i) => (i < cell.column ? "" : (line[i - cell.column] ?? ""))),
        ),
      );
    }
  };
  const grid = `3rem 12rem repeat(${columns.length}, minmax(6.5rem, 1fr)) minmax(13rem, 1.8fr) 4.5rem`;
  return (
    <div
      ref={scroll}
      role="grid"
      aria-label={saved.roster.name}
      aria-multiselectable
      aria-rowcount={rows.length + 1}
      aria-colcount={columns.length + 4}
      aria-activedescendant={row ? `cell-${row.id}-${cell.column}` : undefined}
      tabIndex={0}
      className="min-h-0 flex-1 overflow-auto text-sm outline-offset-[-2px]"
      onKeyDown={onKeyDown}
      onCopy={onCopy}
      onPaste={onPaste}
    >
      <div
        role="row"
        aria-rowindex={1}
        className="sticky top-0 z-10 grid min-w-max border-b border-base-300 bg-base-100 text-xs font-semibold"
        style={{ gridTemplateColumns: grid }}
      >
        <span role="columnheader" className="px-2 py-1.5">
          Row
        </span>
        <span role="columnheader" className="px-2 py-1.5">
          {design?.name ?? "Picture"}
        </span>
        {columns.map((column) => (
          <span key={column} role="columnheader" className="truncate px-2 py-1.5">
            {column}
          </span>
        ))}
        <span role="columnheader" className="px-2 py-1.5">
          To put right
        </span>
        <span role="columnheader" className="px-2 py-1.5">
          Goes out
        </span>
      </div>
      {rows.length === 0 && (
        <p className="p-6 text-sm opacity-75">
          {all.loading ? "Rows are being read…" : "No rows here."}
        </p>
      )}
      <div
        role="rowgroup"
        className="relative min-w-max"
        style={{ height: virtual.getTotalSize() }}
      >
        {virtual.getVirtualItems().map((item) => {
          const one = rows[item.index];
          return (
            one && (
              <TableRow
                key={one.id}
                saved={saved}
                design={design}
                row={one}
                number={numbers.get(one.id) ?? 0}
                index={item.index + 2}
                top={item.start}
                height={ROW_HEIGHT}
                grid={grid}
                scrolling={virtual.isScrolling}
                troubles={all.troubles.get(one.id) ?? NONE}
                why={why.get(one.id)?.join(", ") ?? ""}
                chosen={one.id === chosen}
                picked={picked.has(one.id)}
                onPick={(upTo) => onPick(one.id, upTo)}
                column={item.index === cell.row ? cell.column : -1}
                draft={item.index === cell.row ? draft : null}
                onDraft={setDraft}
                onTake={take}
                onCell={(column, open) => {
                  go({ row: item.index, column });
                  const text = one.cells[column] ?? "";
                  if (open) setDraft(text);
                  else scroll.current?.focus();
                }}
                onInstead={(column, text) =>
                  keep(one, columns.indexOf(column), text, `Take "${text}"`)
                }
                onLeaveOut={(leftOut) =>
                  all.keep([{ ...one, leftOut }], leftOut ? "Leave a row out" : "Take a row in")
                }
                onRemove={() => void all.remove(one.id)}
              />
            )
          );
        })}
      </div>
    </div>
  );
}

const NONE: never[] = [];
