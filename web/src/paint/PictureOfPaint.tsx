import type { PictureSummary } from "../api/client";
import { Choice } from "../ui/Choice";
import { useHouseTextures } from "./useHouseTextures";

interface Props {
  label: string;
  picture: string;
  pictures: readonly PictureSummary[];
  onChange: (picture: string) => void;
}

/** Before the names of textures, which a picture may have too. */
const OF_HOUSE = "of the house: ";

/** Which picture a face is filled with: one of the package, or a texture of the house. */
export function PictureOfPaint({ label, picture, pictures, onChange }: Props) {
  const { textures, take } = useHouseTextures(pictures);
  const missing = !pictures.some(({ name }) => name === picture);
  return (
    <Choice
      label={label}
      value={picture}
      options={[
        ...(missing ? [[picture, `${picture} (missing)`] as const] : []),
        ...pictures.map(
          ({ name, follows }) =>
            [name, follows === "" ? name : `${name}, ${follows} of the house`] as const,
        ),
        ...textures.map(({ name }) => [`${OF_HOUSE}${name}`, `${name} of the house`] as const),
      ]}
      onChange={(chosen) => {
        if (chosen.startsWith(OF_HOUSE)) {
          take(chosen.slice(OF_HOUSE.length), (taken) => onChange(taken.name));
        } else onChange(chosen);
      }}
    />
  );
}
