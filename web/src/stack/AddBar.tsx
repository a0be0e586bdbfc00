import { useEffect } from "react";
import type { PictureSummary } from "../api/client";
import { PictureShelf } from "../pictures/PictureShelf";
import { toggleShelf, useShelfOpen } from "../pictures/shelfOpen";
import { TakingInNote } from "../pictures/TakingInNote";
import { addText } from "../stage/addText";
import { addPlate } from "./stackActions";

interface Props {
  packageId: number;
  pictures: PictureSummary[];
  /** Opens the field that finds values and actions by name. */
  onFind: () => void;
}

/** The head of the stack: add a text, a plate or a picture. */
export function AddBar({ packageId, pictures, onFind }: Props) {
  const open = useShelfOpen((state) => state.open);
  useEffect(() => () => useShelfOpen.setState({ open: false }), []);
  return (
    <div className="border-b border-base-300 px-3 py-2">
      <div className="flex items-center gap-1">
        <span className="mr-1 text-sm opacity-75">Add</span>
        <button type="button" className="btn btn-sm" onClick={() => addText()} title="T">
          Text
        </button>
        <button type="button" className="btn btn-sm" onClick={() => addPlate()} title="P">
          Plate
        </button>
        <button
          type="button"
          className="btn btn-sm"
          aria-expanded={open}
          onClick={toggleShelf}
          title="I"
        >
          Picture
        </button>
        <button
          type="button"
          className="btn btn-ghost btn-sm ml-auto"
          title="Find a value or an action by its name (/)"
          onClick={onFind}
        >
          Find
        </button>
      </div>
      {open && <PictureShelf packageId={packageId} pictures={pictures} onAdded={toggleShelf} />}
      <TakingInNote />
    </div>
  );
}
