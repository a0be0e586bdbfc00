import { useQueryClient } from "@tanstack/react-query";
import { add } from "../document/add";
import { newPicture } from "../document/newPieces";
import { useHouse } from "../house/useHouse";
import { takeOfHouse } from "./takeOfHouse";

interface Props {
  packageId: number;
  /** What the shelf is searched for; empty for all. */
  sought: string;
  onProblem: (problem: string) => void;
  onClose: () => void;
}

/** The marks and textures of the house; what is put on the frame follows them. */
export function HouseShelf({ packageId, sought, onProblem, onClose }: Props) {
  const { house } = useHouse();
  const queries = useQueryClient();
  const found = [...house.marks, ...house.textures].filter((one) =>
    one.name.toLowerCase().includes(sought.trim().toLowerCase()),
  );
  if (found.length === 0) return null;
  const take = async (name: string) => {
    onProblem("");
    try {
      const picture = await takeOfHouse(packageId, name, queries);
      if (picture) add((overlay) => newPicture(overlay, picture), `Add ${name}`);
      onClose();
    } catch (e) {
      onProblem(e instanceof Error ? e.message : String(e));
    }
  };
  return (
    <ul aria-label="Marks and textures of the house" className="flex shrink-0 flex-wrap gap-1">
      {found.map((one) => (
        <li key={one.name}>
          <button
            type="button"
            className="rounded p-1 text-left hover:bg-base-200"
            aria-label={`Add ${one.name} of the house`}
            title={`${one.name} of the house`}
            onClick={() => void take(one.name)}
          >
            <span className="checker flex h-9 w-14 items-center justify-center rounded-sm">
              <img
                src={`/api/houses/pictures/${one.picture.content}.png`}
                alt=""
                className="max-h-9 max-w-14"
              />
            </span>
            <span className="block w-14 truncate text-xs">{one.name}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}
