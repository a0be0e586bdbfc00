import { useQuery } from "@tanstack/react-query";
import { answer, api, type OriginalLine } from "../api/client";
import { useFollowed } from "../house/useHouse";

/** What the house of a package keeps in its library; nothing until it is known. */
export function useOriginals(packageId: number): readonly OriginalLine[] | undefined {
  const revision = useFollowed(packageId)?.revision;
  const { data } = useQuery({
    queryKey: ["originals", packageId, revision],
    queryFn: () =>
      answer(
        api.GET("/api/packages/{id}/house/originals", { params: { path: { id: packageId } } }),
      ),
    enabled: revision !== undefined,
  });
  return data;
}

/**
 * The address of an original's picture.
 *
 * @param revision of the house: what it shows changes with that
 */
export function pictureOf(packageId: number, name: string, revision: number): string {
  const asked = new URLSearchParams({ name, revision: String(revision) });
  return `/api/packages/${packageId}/house/originals/picture.png?${asked.toString()}`;
}
