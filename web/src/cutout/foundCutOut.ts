import { answer, api, type CutOut } from "../api/client";

/** How a picture is best cut out by its colour, as far as the picture itself tells. */
export function foundCutOut(packageId: number, picture: string): Promise<CutOut> {
  return answer(
    api.POST("/api/packages/{id}/cut-outs/found", {
      params: { path: { id: packageId } },
      body: { picture },
    }),
  );
}
