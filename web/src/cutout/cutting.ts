import { create } from "zustand";

/** Whether the cutting table is open; the stage beneath it then rests. */
export const useCutting = create<{ open: boolean }>()(() => ({ open: false }));
