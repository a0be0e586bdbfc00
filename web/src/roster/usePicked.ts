import { useState } from "react";
import type { SavedRow } from "../api/client";
import { picking } from "./picking";

const NONE: ReadonlySet<number> = new Set();

/** Rows that were chosen, to do something with them alone. */
export function usePicked(rows: readonly SavedRow[]) {
  const [picked, setPicked] = useState(NONE);
  const [from, setFrom] = useState<number>();
  const there = new Set(rows.map((row) => row.id));
  return {
    /** Ids of rows that are still there. */
    picked: new Set([...picked].filter((id) => there.has(id))),
    /**
     * Chooses a row or no longer.
     *
     * @param within if all rows from the one chosen last to this one are chosen, in their order
     */
    pick: (row: number, within?: readonly SavedRow[]) => {
      setPicked(
        picking(
          picked,
          row,
          from,
          within?.map((one) => one.id),
        ),
      );
      setFrom(row);
    },
    pickNone: () => setPicked(NONE),
  };
}
