import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { answer, api, type DrawnStarter, type Frame } from "../api/client";

/** Tells starters apart: one of the package's own may be called as another is. */
export function keyOf(starter: DrawnStarter): string {
  return starter.own === 0 ? starter.overlay.name : `own-${starter.own}`;
}

/**
 * The starters as they are on a frame, the package's own first.
 *
 * @param packageId whose colours they take; 0 for none
 */
export function useStarters(frame: Frame, packageId: number): readonly DrawnStarter[] {
  const { data } = useQuery({
    queryKey: ["starters", frame, packageId],
    queryFn: () => answer(api.POST("/api/starters", { body: { frame, packageId } })),
    placeholderData: keepPreviousData,
    // Their pictures are kept for a while only.
    gcTime: 10_000,
  });
  return data ?? [];
}
