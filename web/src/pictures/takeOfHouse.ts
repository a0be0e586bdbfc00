import type { QueryClient } from "@tanstack/react-query";
import { answer, api, type PictureSummary } from "../api/client";

/**
 * Takes the picture of a mark or a texture of the house into a package; it follows that from then
 * on.
 *
 * @throws Error with a sentence if it cannot be taken
 */
export async function takeOfHouse(
  packageId: number,
  name: string,
  queries: QueryClient,
): Promise<PictureSummary | undefined> {
  const params = { path: { id: packageId } };
  const taken = await answer(
    api.POST("/api/packages/{id}/house/taken", { params, body: { name } }),
  );
  const pictures = await answer(api.GET("/api/packages/{id}/pictures", { params }));
  queries.setQueryData(["pictures", packageId], pictures);
  return pictures.find((one) => one.id === taken.id);
}
