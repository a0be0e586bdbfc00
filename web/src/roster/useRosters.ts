import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef } from "react";
import { answer, api, type SavedRoster } from "../api/client";

const NONE: SavedRoster[] = [];

export function rostersKey(packageId: number) {
  return ["rosters", packageId] as const;
}

/**
 * The rosters of a package.
 *
 * @param revision of an overlay that they may fill: another one may ask for other columns
 */
export function useRosters(packageId: number, revision = 0) {
  const queries = useQueryClient();
  const fetched = useQuery({
    queryKey: rostersKey(packageId),
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/rosters", { params: { path: { id: packageId } } })),
    enabled: packageId > 0,
    staleTime: Infinity,
  });
  const fetchAnew = useCallback(
    () => queries.invalidateQueries({ queryKey: rostersKey(packageId) }),
    [queries, packageId],
  );
  const seen = useRef(revision);
  const any = (fetched.data ?? NONE).length > 0;
  useEffect(() => {
    if (seen.current !== revision && any) void fetchAnew();
    seen.current = revision;
  }, [revision, any, fetchAnew]);
  return { rosters: fetched.data ?? NONE, loading: fetched.isPending, fetchAnew };
}

/** The columns of all rosters of a package. */
export function useColumns(packageId: number): string[] {
  const { rosters } = useRosters(packageId);
  return [...new Set(rosters.flatMap((one) => one.roster.columns))];
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

/**
 * Rows of which a file is not there as it would be written now; looked for only while somebody
 * wants to know, since files are read for it.
 */
export function useChangedRows(roster: number, look: string, wanted: boolean) {
  return useQuery({
    queryKey: ["changed-rows", roster, look],
    queryFn: () =>
      answer(api.GET("/api/rosters/{id}/changed-rows", { params: { path: { id: roster } } })),
    enabled: wanted,
    placeholderData: (before) => before,
  });
}

export function rosterRowsKey(roster: number) {
  return ["roster-rows", roster] as const;
}

/** The rows of a roster in order. */
export function useRosterRows(roster: number) {
  return useQuery({
    queryKey: rosterRowsKey(roster),
    queryFn: () => answer(api.GET("/api/rosters/{id}/rows", { params: { path: { id: roster } } })),
    staleTime: Infinity,
  });
}
