import { useQuery } from "@tanstack/react-query";
import { answer, api, type SavedOverlay } from "../api/client";
import { type Standing, standings } from "./standing";

const NOTHING: ReadonlyMap<number, Standing> = new Map();

/** Whether the overlays of a package are delivered as they are, by their ids. */
export function useStandings(
  packageId: number,
  overlays: readonly SavedOverlay[],
): ReadonlyMap<number, Standing> {
  const params = { path: { id: packageId } };
  const { data } = useQuery({
    queryKey: ["standings", packageId, overlays.map((one) => `${one.id}:${one.revision}`)],
    queryFn: async () => {
      const { targets } = await answer(api.GET("/api/packages/{id}/targets", { params }));
      return standings(
        await answer(
          api.POST("/api/packages/{id}/delivery-plan", {
            params,
            body: { overlays: [], targets },
          }),
        ),
      );
    },
    enabled: overlays.length > 0,
    // A file may have been delivered, or taken away, meanwhile.
    staleTime: 0,
    gcTime: 0,
  });
  return data ?? NOTHING;
}
