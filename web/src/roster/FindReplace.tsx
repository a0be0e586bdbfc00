import { useState } from "react";
import type { Roster } from "../api/client";
import type { Rows } from "./useRows";

interface Props {
  roster: Roster;
  rows: Rows;
}

/** Finds a text in all cells and puts another in its place. */
export function FindReplace({ roster, rows }: Props) {
  const [find, setFind] = useState("");
  const [by, setBy] = useState("");
  const found =
    find === "" ? [] : rows.rows.filter((row) => row.cells.some((cell) => cell.includes(find)));
  const replace = () => {
    rows.keep(
      found.map((row) => ({ ...row, cells: row.cells.map((cell) => cell.replaceAll(find, by)) })),
      `Replace "${find}"`,
    );
    setFind("");
  };
  return (
    <form
      role="search"
      aria-label={`In ${roster.name}`}
      className="flex items-center gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        if (found.length > 0) replace();
      }}
    >
      <input
        aria-label="Find"
        placeholder="Find"
        className="input input-sm w-28"
        value={find}
        onChange={(event) => setFind(event.target.value)}
      />
      {find !== "" && (
        <>
          <input
            aria-label="Replace by"
            placeholder="Replace by"
            className="input input-sm w-28"
            value={by}
            onChange={(event) => setBy(event.target.value)}
          />
          <button type="submit" className="btn btn-sm" disabled={found.length === 0}>
            Replace in {found.length}
          </button>
        </>
      )}
    </form>
  );
}
