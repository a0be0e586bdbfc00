import { useQuery } from "@tanstack/react-query";
import { answer, api, type Found, type Overlay } from "../api/client";
import { useRested } from "../ui/useRested";

const REST_MS = 300;

interface Checked {
  /** What was found; nothing while it is looked for the first time. */
  found: Found[] | undefined;
  busy: boolean;
  problem: string;
}

/** Makes the checks of the proof whenever the overlay has rested. */
export function useChecks(packageId: number, overlay: Overlay): Checked {
  const rested = useRested(overlay, REST_MS);
  const checks = useQuery({
    queryKey: ["checks", packageId, rested],
    queryFn: () =>
      answer(
        api.POST("/api/packages/{id}/checks", {
          params: { path: { id: packageId } },
          body: { overlay: rested ?? overlay },
        }),
      ),
    enabled: rested !== null,
    placeholderData: (before) => before,
    staleTime: Infinity,
    retry: false,
  });
  return {
    found: checks.data,
    busy: checks.isFetching || rested !== overlay,
    problem: checks.error?.message ?? "",
  };
}
