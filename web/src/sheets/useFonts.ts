import { useQuery } from "@tanstack/react-query";
import { answer, api } from "../api/client";

/** The font families there are; asked for once. */
export function useFonts() {
  return useQuery({
    queryKey: ["fonts"],
    queryFn: () => answer(api.GET("/api/fonts")),
    staleTime: Infinity,
  });
}
