import { queryOptions, useQuery } from "@tanstack/react-query";
import { answer, api, type Finding, type Overlay } from "../api/client";
import { useRested } from "../ui/useRested";

const REST_MS = 300;

/** The checks of an overlay as it is; the same are made once. */
export function checksQuery(packageId: number, overlay: Overlay) {
  return queryOptions({
    queryKey: ["checks", packageId, overlay],
    queryFn: () =>
      answer(
        api.POST("/api/packages/{id}/checks", {
          params: { path: { id: packageId } },
          body: { overlay },
        }),
      ),
    staleTime: Infinity,
    retry: false,
  });
}

interface Checked {
  /** What was found; nothing while it is looked for the first time. */
  found: Finding[] | undefined;
  busy: boolean;
  problem: string;
}

/** Makes the checks of the proof whenever the overlay has rested. */
export function useChecks(packageId: number, overlay: Overlay): Checked {
  const rested = useRested(overlay, REST_MS);
  const checks = useQuery({
    ...checksQuery(packageId, rested ?? overlay),
    enabled: rested !== null,
    placeholderData: (before) => before,
  });
  return {
    found: checks.data,
    busy: checks.isFetching || rested !== overlay,
    problem: checks.error?.message ?? "",
  };
}
