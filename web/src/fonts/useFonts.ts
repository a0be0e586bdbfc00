import { useQuery } from "@tanstack/react-query";
import { answer, api, type FontFamily } from "../api/client";
import { useOverlay } from "../document/overlayStore";

/** The font families that a package has: its house's own first. */
export function useFonts(of?: number) {
  const open = useOverlay((state) => state.packageId);
  const packageId = of ?? open;
  return useQuery({
    queryKey: ["fonts", packageId],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/fonts", { params: { path: { id: packageId } } })),
    enabled: packageId > 0,
    staleTime: Infinity,
  });
}

/** Address of a picture of words in a family's letters, white on clear ground. */
export function sampleOf(
  packageId: number,
  family: Pick<FontFamily, "name" | "identity">,
  weight: number,
  words: string,
): string {
  // The identity is for the browser's cache: other files draw other letters.
  const asked = new URLSearchParams({
    family: family.name,
    weight: String(weight),
    words,
    of: family.identity,
  });
  return `/api/packages/${packageId}/fonts/sample.png?${asked.toString()}`;
}
