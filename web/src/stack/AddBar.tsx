import { type RefObject, useRef, useState } from "react";
import { useQueryClient } from "@tanstack/react-query";
import { type Piece, type PictureSummary, upload } from "../api/client";
import { newPicture, newPlate, newText } from "../document/newPieces";
import { useOverlay } from "../document/overlayStore";
import { Notice } from "../ui/Notice";

/** Puts a new piece in front of all and chooses it. */
export function add(
  make: (overlay: NonNullable<ReturnType<typeof useOverlay.getState>["overlay"]>) => Piece,
): void {
  const { overlay, change, select } = useOverlay.getState();
  if (!overlay) return;
  const piece = make(overlay);
  change((same) => ({ ...same, stack: [piece, ...same.stack] }));
  select(piece.id);
}

interface Props {
  packageId: number;
  pictures: PictureSummary[];
  picker: RefObject<HTMLButtonElement | null>;
}

/** The head of the stack: add a text, a plate or a picture. */
export function AddBar({ packageId, pictures, picker }: Props) {
  const [open, setOpen] = useState(false);
  const [problem, setProblem] = useState("");
  const file = useRef<HTMLInputElement>(null);
  const queries = useQueryClient();
  const take = async (given: File) => {
    setProblem("");
    try {
      const picture = await upload<PictureSummary>(`/api/packages/${packageId}/pictures`, given);
      await queries.invalidateQueries({ queryKey: ["pictures", packageId] });
      add((overlay) => newPicture(overlay, picture));
      setOpen(false);
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  return (
    <div className="border-b border-base-300 px-3 py-2">
      <div className="flex items-center gap-1">
        <span className="mr-1 text-sm opacity-75">Add</span>
        <button type="button" className="btn btn-sm" onClick={() => add(newText)} title="T">
          Text
        </button>
        <button type="button" className="btn btn-sm" onClick={() => add(newPlate)} title="P">
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
                    add((overlay) => newPicture(overlay, picture));
                    setOpen(false);
                  }}
                >
                  {picture.name}
                </button>
              </li>
            ))}
          </ul>
          <button
            type="button"
            className="btn btn-xs btn-primary mt-2"
            onClick={() => file.current?.click()}
          >
            From a file…
          </button>
          <input
            ref={file}
            type="file"
            aria-label="Picture file"
            accept="image/png,image/jpeg,image/gif,image/bmp,image/tiff"
            className="hidden"
            onChange={(event) => {
              const given = event.target.files?.[0];
              event.target.value = "";
              if (given) void take(given);
            }}
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
