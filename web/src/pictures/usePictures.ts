import { useQuery } from "@tanstack/react-query";
import { answer, api, type PictureSummary } from "../api/client";

const NONE: PictureSummary[] = [];

/** The pictures of a package. */
export function usePictures(packageId: number): PictureSummary[] {
  const pictures = useQuery({
    queryKey: ["pictures", packageId],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/pictures", { params: { path: { id: packageId } } })),
  });
  return pictures.data ?? NONE;
}

/** The address of a picture shown small; another one when its bytes change. */
export function smallPicture(picture: PictureSummary): string {
  return `/api/pictures/${picture.id}/small.png?of=${picture.digest.slice(0, 12)}`;
}

/** Whether it is drawn from shapes at every size. */
export function isVector(picture: PictureSummary): boolean {
  return picture.format === "SVG" || picture.format === "PDF";
}
