import { create } from "zustand";

interface RowInHand {
  /** Ids of rows by their rosters. */
  rows: Record<number, number>;
  take: (roster: number, row: number) => void;
}

/** The row that the overlay is shown with while it is designed; it holds for the sitting. */
export const useRowInHand = create<RowInHand>()((set) => ({
  rows: {},
  take: (roster, row) => set((state) => ({ rows: { ...state.rows, [roster]: row } })),
}));
