import { create } from "zustand";

/** Whether the shelf of pictures is open under "Add". */
export const useShelfOpen = create<{ open: boolean }>()(() => ({ open: false }));

export function toggleShelf(): void {
  useShelfOpen.setState(({ open }) => ({ open: !open }));
}
