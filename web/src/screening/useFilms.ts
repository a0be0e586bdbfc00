import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api } from "../api/client";
import { clipName } from "../backdrops/Backdrop";
import type { Film } from "./film";

/** The clips that a list can be screened over, the package's and one of one's own. */
export function useFilms(packageId: number, wanted: string) {
  const clips = useQuery({
    queryKey: ["clips", packageId],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/clips", { params: { path: { id: packageId } } })),
    staleTime: Infinity,
  });
  const [own, setOwn] = useState<Film | null>(null);
  const films: Film[] = [
    ...(clips.data ?? []).map((one) => ({
      name: one.name,
      words: clipName(one.name),
      address: `/api/clips/${one.id}.webm`,
    })),
    ...(own ? [own] : []),
  ];
  return {
    films,
    /** The one that is wanted, or another in its place; nothing if there is none. */
    film: films.find(({ name }) => name === wanted) ?? films[0],
    /** Puts a file in the place of the one that was taken before. */
    takeOwn: (file: File) => {
      if (own) URL.revokeObjectURL(own.address);
      setOwn({ name: file.name, words: file.name, address: URL.createObjectURL(file) });
    },
  };
}
