import { Search } from "lucide-react";
import { useEffect } from "react";
import type { PictureSummary } from "../api/client";
import { KeepForm } from "../library/KeepForm";
import { LibraryShelf } from "../library/LibraryShelf";
import { OrnamentShelf } from "../ornaments/OrnamentShelf";
import { useOrnaments } from "../ornaments/useOrnaments";
import { PictureShelf } from "../pictures/PictureShelf";
import { TakingInNote } from "../pictures/TakingInNote";
import { ADDITIONS } from "./additions";
import { useAddOpen } from "./addOpen";

interface Props {
  packageId: number;
  pictures: PictureSummary[];
  /** Opens the field that finds values and actions by name. */
  onFind: () => void;
}

/** The head of the stack: what can be added, and what is open to be chosen from. */
export function AddBar({ packageId, pictures, onFind }: Props) {
  const open = useAddOpen((state) => state.open);
  useEffect(() => () => useAddOpen.setState({ open: null }), []);
  useOrnaments(); // So that whoever types at once finds them there.
  const close = () => useAddOpen.setState({ open: null });
  return (
    <div className="border-b border-base-300 px-3 py-2">
      <div role="group" aria-label="Add" className="flex items-center gap-0.5">
        {ADDITIONS.map(({ name, key, opens, add }) => (
          <button
            key={name}
            type="button"
            className="btn btn-sm px-1"
            {...(opens && { "aria-expanded": open === opens })}
            onClick={add}
            {...(key && { title: key.toUpperCase() })}
          >
            {name}
          </button>
        ))}
        <button
          type="button"
          className="btn btn-ghost btn-xs btn-square ml-auto"
          aria-label="Find"
          title="Find a value or an action by its name (/)"
          onClick={onFind}
        >
          <Search size={15} aria-hidden />
        </button>
      </div>
      {open === "pictures" && (
        <PictureShelf packageId={packageId} pictures={pictures} onClose={close} />
      )}
      {open === "ornaments" && <OrnamentShelf onClose={close} />}
      {open === "library" && (
        <LibraryShelf
          packageId={packageId}
          onKeep={() => useAddOpen.setState({ open: "keep" })}
          onClose={close}
        />
      )}
      {open === "keep" && <KeepForm packageId={packageId} onClose={close} />}
      <TakingInNote />
    </div>
  );
}
