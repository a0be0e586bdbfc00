import { create } from "zustand";

/** What lies open under "Add" to be chosen from; nothing for none. */
export type AddOpen = "pictures" | "ornaments" | "library" | "keep" | null;

export const useAddOpen = create<{ open: AddOpen }>()(() => ({ open: null }));

/** Opens one and closes the other; closes it if it was open. */
export function toggleAdd(which: Exclude<AddOpen, null>): void {
  useAddOpen.setState(({ open }) => ({ open: open === which ? null : which }));
}
