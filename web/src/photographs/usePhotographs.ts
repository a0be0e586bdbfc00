import { useQuery, useQueryClient } from "@tanstack/react-query";
import {
  answer,
  api,
  type MarkSettings,
  type Marking,
  type PhotographLine,
  type PhotographList,
} from "../api/client";

export interface Photographs {
  list: PhotographList | undefined;
  fetchAnew: () => Promise<void>;
  keepSettings: (settings: MarkSettings) => Promise<void>;
  /** Changes photographs one after the other. */
  keep: (
    photographs: readonly PhotographLine[],
    change: { leftOut?: boolean; own?: Marking | null },
  ) => Promise<void>;
  remove: (photographs: readonly PhotographLine[]) => Promise<void>;
}

/** A package's photographs and how they are marked. */
export function usePhotographs(packageId: number): Photographs {
  const queries = useQueryClient();
  const key = ["photographs", packageId];
  const { data: list } = useQuery({
    queryKey: key,
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/photographs", { params: { path: { id: packageId } } })),
  });
  const fetchAnew = () => queries.invalidateQueries({ queryKey: key });
  return {
    list,
    fetchAnew,
    keepSettings: async (settings) => {
      queries.setQueryData<PhotographList>(key, (before) => before && { ...before, settings });
      try {
        queries.setQueryData(
          key,
          await answer(
            api.PUT("/api/packages/{id}/photographs/settings", {
              params: { path: { id: packageId } },
              body: settings,
            }),
          ),
        );
      } catch (e) {
        await fetchAnew();
        throw e;
      }
    },
    keep: async (photographs, change) => {
      for (const one of photographs) {
        const own = change.own === undefined ? one.own : (change.own ?? undefined);
        const kept = await answer(
          api.PUT("/api/photographs/{id}", {
            params: { path: { id: one.id } },
            body: { leftOut: change.leftOut ?? one.leftOut, ...(own ? { own } : {}) },
          }),
        );
        queries.setQueryData<PhotographList>(
          key,
          (before) =>
            before && {
              ...before,
              photographs: before.photographs.map((line) => (line.id === kept.id ? kept : line)),
            },
        );
      }
    },
    remove: async (photographs) => {
      await answer(
        api.POST("/api/packages/{id}/photographs/removed", {
          params: { path: { id: packageId } },
          body: { photographs: photographs.map(({ id }) => id) },
        }),
      );
      await fetchAnew();
    },
  };
}
