import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { create } from "zustand";
import { answer, api, type StillSummary } from "../api/client";
import { type Backdrop, backdropsOf, MID_GREY } from "./Backdrop";

interface Chosen {
  name: string;
  /** Which still of a clip is looked at. */
  position: Record<string, number>;
  choose: (name: string) => void;
  step: (clip: string, by: number, count: number) => void;
}

/** The choice holds for all overlays and screens of the sitting. */
export const useChosenBackdrop = create<Chosen>()((set) => ({
  name: MID_GREY.name,
  position: {},
  choose: (name) => set({ name }),
  step: (clip, by, count) =>
    set((state) => ({
      position: {
        ...state.position,
        [clip]: ((state.position[clip] ?? 0) + by + count) % count,
      },
    })),
}));

const NONE: StillSummary[] = [];

export function useStills(packageId: number) {
  const stills = useQuery({
    queryKey: ["stills", packageId],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/stills", { params: { path: { id: packageId } } })),
    staleTime: Infinity,
    enabled: packageId > 0,
  });
  return stills.data ?? NONE;
}

export function useBackdrops(packageId: number): { backdrops: Backdrop[]; chosen: Backdrop } {
  const stills = useStills(packageId);
  const { name, position } = useChosenBackdrop();
  const backdrops = useMemo(() => backdropsOf(stills, position), [stills, position]);
  return { backdrops, chosen: backdrops.find((backdrop) => backdrop.name === name) ?? MID_GREY };
}
