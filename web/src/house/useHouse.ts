import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type HouseStyle } from "../api/client";
import { useArranging } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";

const PLAIN: HouseStyle = {
  colours: [],
  ownMargin: { unit: "PERCENT", left: 0, top: 0, right: 0, bottom: 0 },
  finishSets: [],
};

/** What the overlays of a package share; changes are kept at once. */
export function useHouse(of?: number): {
  house: HouseStyle;
  keep: (house: HouseStyle) => Promise<void>;
} {
  const open = useOverlay((state) => state.packageId);
  const packageId = of ?? open;
  const queries = useQueryClient();
  const queryKey = ["house", packageId];
  const params = { path: { id: packageId } };
  const { data } = useQuery({
    queryKey,
    queryFn: () => answer(api.GET("/api/packages/{id}/house", { params })),
    enabled: packageId > 0,
    // It changes by this page's own hand; sheets that unfold need not ask again.
    staleTime: 60_000,
  });
  const keep = async (house: HouseStyle) => {
    const before = data;
    queries.setQueryData(queryKey, house);
    try {
      await answer(api.PUT("/api/packages/{id}/house", { params, body: house }));
    } catch (e) {
      queries.setQueryData(queryKey, before);
      useArranging.setState({ problem: e instanceof Error ? e.message : String(e) });
    }
  };
  return { house: data ?? PLAIN, keep };
}
