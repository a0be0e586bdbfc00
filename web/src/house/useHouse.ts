import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type FollowedHouse, type House } from "../api/client";
import { say } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";
import { propose } from "./proposal";

export const NO_HOUSE: House = {
  name: "No house",
  colours: [],
  fonts: [],
  fontFiles: [],
  marks: [],
  textures: [],
  ownMargin: { unit: "PERCENT", left: 0, top: 0, right: 0, bottom: 0 },
  finishSets: [],
  targets: [],
  originals: [],
};

export const NOT_FOLLOWED: FollowedHouse = {
  id: 0,
  revision: 0,
  house: NO_HOUSE,
  missingFonts: [],
  followers: [],
  undo: "",
  redo: "",
};

export const houseKey = (packageId: number) => ["house", packageId] as const;

/** The house that a package follows, as the server has it. */
export function useFollowed(packageId: number): FollowedHouse | undefined {
  const { data } = useQuery({
    queryKey: houseKey(packageId),
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/house", { params: { path: { id: packageId } } })),
    enabled: packageId > 0,
    // It changes by this page's own hand; sheets that unfold need not ask again.
    staleTime: 60_000,
  });
  return data;
}

/**
 * The house of a package and keeping changes of it. What others follow is looked at before it is
 * changed: then `keep` is done when that was decided.
 */
export function useHouse(of?: number): {
  house: House;
  /** Gives whether the house was changed. */
  keep: (house: House) => Promise<boolean>;
} {
  const open = useOverlay((state) => state.packageId);
  const packageId = of ?? open;
  const queries = useQueryClient();
  const followed = useFollowed(packageId) ?? NOT_FOLLOWED;
  const keep = async (house: House) => {
    try {
      return await propose({ packageId, followed, house, queries });
    } catch (e) {
      say(e instanceof Error ? e.message : String(e));
      return false;
    }
  };
  return { house: followed.house, keep };
}
