import { Trash2 } from "lucide-react";
import type { DesignAsking, RowTrouble, SavedRoster, SavedRow } from "../api/client";
import { RowPicture } from "./RowPicture";
import { rowPicture } from "./rowPicture";

interface Props {
  saved: SavedRoster;
  design: DesignAsking | undefined;
  row: SavedRow;
  /** Of all rows, from 1. */
  number: number;
  /** Of the rows shown, the heading counted. */
  index: number;
  top: number;
  height: number;
  grid: string;
  /** Whether the table is moving under the hand. */
  scrolling: boolean;
  troubles: RowTrouble[];
  /** Why it decides whether the design is right. */
  why: string;
  chosen: boolean;
  /** Whether something is to be done with it. */
  picked: boolean;
  /** The column in hand; -1 for none in this row. */
  column: number;
  /** What is being typed there. */
  draft: string | null;
  onPick: (upTo: boolean) => void;
  onDraft: (text: string) => void;
  onTake: () => void;
  onCell: (column: number, open: boolean) => void;
  onInstead: (column: string, text: string) => void;
  onLeaveOut: (leftOut: boolean) => void;
  onRemove: () => void;
}

/** At which rows are drawn for the table, before they are cut to what is drawn. */
const FRAME_WIDTH = 640;

/** A row with its picture, its cells, and what is wrong with it. */
export function TableRow(props: Props) {
  const { saved, design, row, number, troubles, why, chosen, column, draft } = props;
  const columns = saved.roster.columns;
  return (
    <div
      role="row"
      aria-rowindex={props.index}
      aria-selected={props.picked}
      className={`absolute left-0 grid w-full border-b border-base-300 ${chosen ? "bg-primary/10" : ""} ${row.leftOut ? "opacity-60" : ""}`}
      style={{
        gridTemplateColumns: props.grid,
        height: props.height,
        transform: `translateY(${props.top}px)`,
      }}
    >
      <span role="rowheader" className="p-1">
        <button
          type="button"
          tabIndex={-1}
          aria-label={`Choose row ${number}`}
          aria-pressed={props.picked}
          title="Choose this row; with Shift all up to it"
          className={`btn btn-xs px-1.5 font-normal tabular-nums ${props.picked ? "btn-primary" : "btn-ghost opacity-75"}`}
          onMouseDown={(event) => event.preventDefault()}
          onClick={(event) => props.onPick(event.shiftKey)}
        >
          {number}
        </button>
      </span>
      <span role="gridcell" className="flex items-center px-1">
        {design && (
          <RowPicture
            address={rowPicture(saved, design, row, FRAME_WIDTH, true)}
            number={number}
            scrolling={props.scrolling}
          />
        )}
      </span>
      {columns.map((name, i) => (
        <span
          key={name}
          id={`cell-${row.id}-${i}`}
          role="gridcell"
          aria-selected={column === i}
          aria-label={`${name}: ${row.cells[i] ?? ""}`}
          className={`relative overflow-hidden border-l border-base-300 px-2 py-1.5 ${
            column === i ? "outline-2 -outline-offset-2 outline-primary" : ""
          } ${troubles.some((one) => one.column === name) ? "bg-error/15" : ""}`}
          onMouseDown={(event) => {
            if (draft !== null && column === i) return;
            event.preventDefault();
            props.onCell(i, false);
          }}
          onDoubleClick={() => props.onCell(i, true)}
        >
          {column === i && draft !== null ? (
            <textarea
              autoFocus
              aria-label={name}
              className="absolute inset-0 h-full w-full resize-none bg-base-100 px-2 py-1.5 outline-none"
              value={draft}
              onChange={(event) => props.onDraft(event.target.value)}
              onFocus={(event) => event.target.setSelectionRange(draft.length, draft.length)}
              onBlur={props.onTake}
            />
          ) : (
            <span className="line-clamp-3 whitespace-pre-line break-words" dir="auto">
              {row.cells[i]}
            </span>
          )}
          {row.edited.includes(i) && (
            <span
              title="Changed by hand since the table gave it"
              className="absolute right-0 top-0 border-4 border-b-transparent border-l-transparent border-r-primary border-t-primary"
            />
          )}
        </span>
      ))}
      <span
        role="gridcell"
        className="overflow-hidden border-l border-base-300 px-2 py-1 text-xs"
        title={troubles.map((one) => one.sentence).join(" ")}
      >
        {why && <span className="mr-1 opacity-75">{why}</span>}
        {row.changes.length > 0 && (
          <span className="mr-1 opacity-75">changed in this row only</span>
        )}
        {troubles.slice(0, 1).map((trouble) => (
          <span key={trouble.sentence} className="block text-error">
            <span className={troubles.length > 1 || why ? "line-clamp-2" : "line-clamp-3"}>
              {trouble.sentence.replace(/ Take ".*"\?$/, "")}
            </span>
            {trouble.instead && (
              <button
                type="button"
                className="btn btn-xs"
                onClick={() => props.onInstead(trouble.column, trouble.instead)}
              >
                Take {trouble.instead}
              </button>
            )}
          </span>
        ))}
        {troubles.length > 1 && <span className="text-error">and {troubles.length - 1} more</span>}
      </span>
      <span role="gridcell" className="flex items-start gap-1 border-l border-base-300 px-2 py-1.5">
        <input
          type="checkbox"
          className="checkbox checkbox-xs mt-0.5"
          aria-label={`Deliver row ${number}`}
          title="Whether this row is delivered"
          checked={!row.leftOut}
          onChange={(event) => props.onLeaveOut(!event.target.checked)}
        />
        <button
          type="button"
          className="btn btn-ghost btn-xs btn-square"
          aria-label={`Take row ${number} away`}
          title="Take this row away"
          onClick={props.onRemove}
        >
          <Trash2 size={13} />
        </button>
      </span>
    </div>
  );
}
