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
  leaveOut: (photographs: readonly PhotographLine[], leftOut: boolean) => Promise<void>;
  /** Marks some otherwise than the others, or as them if nothing is given. */
  markAs: (photographs: readonly PhotographLine[], own: Marking | null) => Promise<void>;
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
  /** Changes photographs one after the other. */
  const each = async (
    photographs: readonly PhotographLine[],
    change: (id: number) => Parameters<typeof answer<PhotographLine>>[0],
  ) => {
    for (const one of photographs) {
      const kept = await answer(change(one.id));
      queries.setQueryData<PhotographList>(
        key,
        (before) =>
          before && {
            ...before,
            photographs: before.photographs.map((line) => (line.id === kept.id ? kept : line)),
          },
      );
    }
  };
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
    leaveOut: (photographs, leftOut) =>
      each(photographs, (id) =>
        api.PUT("/api/photographs/{id}/left-out", { params: { path: { id } }, body: { leftOut } }),
      ),
    markAs: (photographs, own) =>
      each(photographs, (id) => {
        const params = { path: { id } };
        return own
          ? api.PUT("/api/photographs/{id}/marking", { params, body: own })
          : api.DELETE("/api/photographs/{id}/marking", { params });
      }),
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
