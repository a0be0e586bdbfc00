import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { useStore } from "zustand";
import { answer, api, type NamedTarget } from "../api/client";
import { createTargetKeeping, type TargetsState } from "./targetKeeping";

const NONE: NamedTarget[] = [];

const keeping = createTargetKeeping(
  (packageId, targets) =>
    answer(
      api.PUT("/api/packages/{id}/targets", {
        params: { path: { id: packageId } },
        body: { targets },
        // It may be the last thing that this page does.
        keepalive: true,
      }),
    ),
  (work, ms) => {
    const timer = setTimeout(work, ms);
    return () => clearTimeout(timer);
  },
);

export const { change: changeTargets, kept: targetsKept } = keeping;

window.addEventListener("pagehide", () => {
  if (keeping.resting()) void targetsKept();
});

/** Fetches the targets of a package once for each sitting; then this page is what changes them. */
export function useTargets(packageId: number): TargetsState {
  const state = useStore(keeping.store);
  const fetched = useQuery({
    queryKey: ["targets", packageId],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/targets", { params: { path: { id: packageId } } })),
    enabled: packageId > 0,
    staleTime: 0,
    gcTime: 0,
  });
  useEffect(() => {
    if (fetched.data && !keeping.resting()) keeping.open(packageId, fetched.data.targets);
  }, [fetched.data, packageId]);
  return state.packageId === packageId ? state : { ...state, targets: NONE, chosen: "" };
}
