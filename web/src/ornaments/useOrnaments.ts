import { useQuery } from "@tanstack/react-query";
import { answer, api } from "../api/client";

/** The ornaments that come with Diaphan; they never change while it runs. */
export function useOrnaments() {
  return useQuery({
    queryKey: ["ornaments"],
    queryFn: () => answer(api.GET("/api/ornaments")),
    staleTime: Infinity,
  });
}
