import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, type MarkRun } from "../api/client";

const LOOK_AGAIN_MS = 400;

/** The run of a package's photographs, while it goes on and how it ended. */
export function useMarkRun(packageId: number): {
  run: MarkRun | undefined;
  begin: (photographs: readonly number[]) => Promise<void>;
  callOff: () => Promise<void>;
} {
  const queries = useQueryClient();
  const key = ["mark-run", packageId];
  const path = { params: { path: { id: packageId } } };
  const { data: run } = useQuery({
    queryKey: key,
    queryFn: async () => {
      const before = queries.getQueryData<MarkRun>(key);
      const now = await answer(api.GET("/api/packages/{id}/photographs/run", path));
      if (now.going || before?.going) {
        // What became of each is told with the photographs.
        await queries.invalidateQueries({ queryKey: ["photographs", packageId] });
      }
      return now;
    },
    refetchInterval: (query) => (query.state.data?.going ? LOOK_AGAIN_MS : false),
  });
  return {
    run,
    begin: async (photographs) => {
      const begun = await answer(
        api.POST("/api/packages/{id}/photographs/run", {
          ...path,
          body: { photographs: [...photographs] },
        }),
      );
      queries.setQueryData(key, { ...begun, going: true });
      await queries.invalidateQueries({ queryKey: key });
    },
    callOff: async () => {
      await answer(api.DELETE("/api/packages/{id}/photographs/run", path));
    },
  };
}
