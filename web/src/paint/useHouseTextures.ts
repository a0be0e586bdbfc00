import { useQueryClient } from "@tanstack/react-query";
import type { HouseTexture, PictureSummary } from "../api/client";
import { say, working } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";
import { useHouse } from "../house/useHouse";
import { takeOfHouse } from "../pictures/takeOfHouse";

interface HouseTextures {
  /** Those of which the package has no picture yet. */
  textures: readonly HouseTexture[];
  /** Takes the picture of one in, and gives it to be painted with. */
  take: (name: string, paint: (picture: PictureSummary) => void) => void;
}

/** The textures of the house that faces can be filled with. */
export function useHouseTextures(pictures: readonly PictureSummary[]): HouseTextures {
  const packageId = useOverlay((state) => state.packageId);
  const { house } = useHouse();
  const queries = useQueryClient();
  return {
    textures: house.textures.filter(
      (texture) => !pictures.some((picture) => picture.follows === texture.name),
    ),
    take: (name, paint) => {
      void working(
        takeOfHouse(packageId, name, queries)
          .then((picture) => {
            if (picture) paint(picture);
          })
          .catch((e: unknown) => {
            say(e instanceof Error ? e.message : String(e));
          }),
      );
    },
  };
}
