import { useQuery } from "@tanstack/react-query";
import { answer, api, type CueSeries } from "../api/client";

/** The stills that could be shown, by what they belong to. */
export function useSeries(packageId: number): CueSeries[] {
  const series = useQuery({
    queryKey: ["cue-series", packageId],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/cue-series", { params: { path: { id: packageId } } })),
  });
  return series.data ?? NONE;
}

const NONE: CueSeries[] = [];

/** The stills of one series, in the order of the rows. */
export function useStillChoices(packageId: number, series: CueSeries | undefined) {
  const choices = useQuery({
    queryKey: ["cue-stills", packageId, series?.overlay, series?.roster, series?.target],
    queryFn: () =>
      answer(
        api.GET("/api/packages/{id}/cue-stills", {
          params: {
            path: { id: packageId },
            query: {
              overlay: series?.overlay ?? 0,
              roster: series?.roster ?? 0,
              target: series?.target ?? "",
            },
          },
        }),
      ),
    enabled: series !== undefined,
  });
  return choices.data ?? EMPTY;
}

const EMPTY: { id: { overlay: number; row: number; target: string }; label: string }[] = [];

/** "Skipper plate (Skippers), 720 lines". */
export function seriesWords({ overlayName, rosterName, target }: CueSeries): string {
  return `${overlayName}${rosterName ? ` (${rosterName})` : ""}, ${target}`;
}

export function seriesKey({ overlay, roster, target }: CueSeries): string {
  return `${overlay} ${roster} ${target}`;
}
