import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback } from "react";
import { answer, api, type SavedRoster } from "../api/client";

const NONE: SavedRoster[] = [];

export function rostersKey(packageId: number) {
  return ["rosters", packageId] as const;
}

/** The rosters of a package. */
export function useRosters(packageId: number, revision = 0) {
  const fetched = useQuery({
    queryKey: [...rostersKey(packageId), revision],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/rosters", { params: { path: { id: packageId } } })),
    enabled: packageId > 0,
    placeholderData: (before) => before,
  });
  const queries = useQueryClient();
  const fetchAnew = useCallback(
    () => queries.invalidateQueries({ queryKey: rostersKey(packageId) }),
    [queries, packageId],
  );
  return { rosters: fetched.data ?? NONE, loading: fetched.isPending, fetchAnew };
}

/** Rows that decide whether a design is right, with why. */
export function useExtremes(roster: number | undefined, look: string) {
  return useQuery({
    queryKey: ["extremes", roster, look],
    queryFn: () =>
      answer(api.GET("/api/rosters/{id}/extremes", { params: { path: { id: roster ?? 0 } } })),
    enabled: roster !== undefined,
    placeholderData: (before) => before,
  });
}
