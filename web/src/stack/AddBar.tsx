import { type RefObject, useState } from "react";
import { useQueryClient } from "@tanstack/react-query";
import { type PictureSummary, upload } from "../api/client";
import { add } from "../document/add";
import { newPicture, newPlate, newText } from "../document/newPieces";
import { FilePick } from "../ui/FilePick";
import { Notice } from "../ui/Notice";

interface Props {
  packageId: number;
  pictures: PictureSummary[];
  picker: RefObject<HTMLButtonElement | null>;
}

/** The head of the stack: add a text, a plate or a picture. */
export function AddBar({ packageId, pictures, picker }: Props) {
  const [open, setOpen] = useState(false);
  const [problem, setProblem] = useState("");
  const queries = useQueryClient();
  const take = async (given: File) => {
    setProblem("");
    try {
      const picture = await upload<PictureSummary>(`/api/packages/${packageId}/pictures`, given);
      await queries.invalidateQueries({ queryKey: ["pictures", packageId] });
      add((overlay) => newPicture(overlay, picture), `Add ${picture.name}`);
      setOpen(false);
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  return (
    <div className="border-b border-base-300 px-3 py-2">
      <div className="flex items-center gap-1">
        <span className="mr-1 text-sm opacity-75">Add</span>
        <button
          type="button"
          className="btn btn-sm"
          onClick={() => add((overlay) => newText(overlay), "Add a text")}
          title="T"
        >
          Text
        </button>
        <button
          type="button"
          className="btn btn-sm"
          onClick={() => add(newPlate, "Add a plate")}
          title="P"
        >
          Plate
        </button>
        <button
          ref={picker}
          type="button"
          className="btn btn-sm"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          title="I"
        >
          Picture
        </button>
      </div>
      {open && (
        <div className="mt-2">
          <ul aria-label="Pictures of the package" className="flex flex-wrap gap-1">
            {pictures.map((picture) => (
              <li key={picture.id}>
                <button
                  type="button"
                  className="btn btn-xs"
                  onClick={() => {
                    add((overlay) => newPicture(overlay, picture), `Add ${picture.name}`);
                    setOpen(false);
                  }}
                >
                  {picture.name}
                </button>
              </li>
            ))}
          </ul>
          <FilePick
            label="Picture file"
            accept="image/png,image/jpeg,image/tiff,image/webp,image/gif,image/bmp"
            words="From a file…"
            className="btn btn-xs btn-primary mt-2"
            onFile={(given) => void take(given)}
          />
        </div>
      )}
      {problem && (
        <div className="mt-2">
          <Notice>{problem}</Notice>
        </div>
      )}
    </div>
  );
}
