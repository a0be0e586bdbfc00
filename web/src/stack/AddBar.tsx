import { type RefObject, useState } from "react";
import type { PictureSummary } from "../api/client";
import { add } from "../document/add";
import { newPlate, newText } from "../document/newPieces";
import { PictureShelf } from "../pictures/PictureShelf";
import { TakingInNote } from "../pictures/TakingInNote";

interface Props {
  packageId: number;
  pictures: PictureSummary[];
  picker: RefObject<HTMLButtonElement | null>;
}

/** The head of the stack: add a text, a plate or a picture. */
export function AddBar({ packageId, pictures, picker }: Props) {
  const [open, setOpen] = useState(false);
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
        <PictureShelf packageId={packageId} pictures={pictures} onAdded={() => setOpen(false)} />
      )}
      <TakingInNote />
    </div>
  );
}
