import { create } from "zustand";

type Room = "dark-room" | "light-room";
const KEPT_AS = "diaphan-room";

function kept(): Room {
  return localStorage.getItem(KEPT_AS) === "light-room" ? "light-room" : "dark-room";
}

function light(room: Room): void {
  document.documentElement.dataset.theme = room;
  localStorage.setItem(KEPT_AS, room);
}

light(kept());

/** Whether the application is shown as a dark or a light room. */
export const useRoom = create<{ room: Room; change: () => void }>()((set, get) => ({
  room: kept(),
  change: () => {
    const room = get().room === "dark-room" ? "light-room" : "dark-room";
    light(room);
    set({ room });
  },
}));
