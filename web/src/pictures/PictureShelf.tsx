import { useQueryClient } from "@tanstack/react-query";
import { RefreshCw, Trash2 } from "lucide-react";
import { useState } from "react";
import { answer, api, type PictureSummary, upload } from "../api/client";
import { add } from "../document/add";
import { newPicture } from "../document/newPieces";
import { FilePick } from "../ui/FilePick";
import { goHome } from "../ui/home";
import { Notice } from "../ui/Notice";
import { HouseShelf } from "./HouseShelf";
import { ownSize } from "./ownSize";
import { PICTURE_FILES, takeIn, useTakingIn } from "./takeIn";
import { smallPicture } from "./usePictures";

interface Props {
  packageId: number;
  pictures: PictureSummary[];
  onClose: () => void;
}

function uses(picture: PictureSummary): string {
  const [first, ...others] = picture.usedBy;
  if (first === undefined) return "not used yet";
  return others.length === 0 ? `in ${first}` : `in ${first} and ${others.length} more`;
}

/** The package's pictures, to be put on the frame, replaced wherever they are used, or taken away. */
export function PictureShelf({ packageId, pictures, onClose }: Props) {
  const queries = useQueryClient();
  const [sought, setSought] = useState("");
  const [problem, setProblem] = useState("");
  const found = pictures.filter((picture) =>
    `${picture.name} ${picture.format} ${picture.usedBy.join(" ")}`
      .toLowerCase()
      .includes(sought.trim().toLowerCase()),
  );
  const doing = async (work: Promise<unknown>) => {
    setProblem("");
    try {
      await work;
      await queries.invalidateQueries({ queryKey: ["pictures", packageId] });
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  return (
    <div
      className="mt-2 flex max-h-[46vh] flex-col gap-2"
      onKeyDown={(event) => {
        if (event.key !== "Escape") return;
        event.stopPropagation();
        onClose();
        goHome();
      }}
    >
      <div className="flex items-center gap-2">
        <FilePick
          label="Picture file"
          accept={PICTURE_FILES}
          words="From files…"
          className="btn btn-xs btn-primary"
          many
          onFiles={(files) => {
            void takeIn(files, queries).then(() => {
              if (useTakingIn.getState().problems.length === 0) onClose();
            });
          }}
        />
        <input
          autoFocus
          type="search"
          aria-label="Search the package's pictures"
          placeholder="Search"
          className="input input-xs min-w-0 flex-1"
          value={sought}
          onChange={(event) => setSought(event.target.value)}
        />
      </div>
      {problem && <Notice>{problem}</Notice>}
      <HouseShelf packageId={packageId} sought={sought} onProblem={setProblem} onClose={onClose} />
      <ul aria-label="Pictures of the package" className="min-h-0 overflow-y-auto">
        {found.map((picture) => (
          <li
            key={picture.id}
            className="flex items-center gap-1 rounded hover:bg-base-200"
            title={picture.usedBy.join(", ")}
          >
            <button
              type="button"
              className="flex min-w-0 flex-1 items-center gap-2 p-1 text-left"
              aria-label={`Add ${picture.name}`}
              onClick={() => {
                add((overlay) => newPicture(overlay, picture), `Add ${picture.name}`);
                onClose();
              }}
            >
              <span className="checker flex h-9 w-14 shrink-0 items-center justify-center rounded-sm">
                <img src={smallPicture(picture)} alt="" className="max-h-9 max-w-14" />
              </span>
              <span className="min-w-0 flex-1">
                <span className="block truncate text-sm">{picture.name}</span>
                <span className="block truncate text-xs opacity-75">
                  {ownSize(picture)},{" "}
                  {picture.follows !== "" && `as ${picture.follows} of the house, `}
                  {uses(picture)}
                </span>
              </span>
            </button>
            <FilePick
              label={`Another file for ${picture.name}`}
              accept={PICTURE_FILES}
              words={<RefreshCw size={13} aria-hidden />}
              title={`Replace ${picture.name} wherever it is used`}
              className="btn btn-ghost btn-xs btn-square"
              onFiles={([file]) =>
                file && void doing(upload(`/api/pictures/${picture.id}`, file, "PUT"))
              }
            />
            <button
              type="button"
              className="btn btn-ghost btn-xs btn-square"
              aria-label={`Take ${picture.name} away`}
              title={
                picture.usedBy.length > 0
                  ? `Shown by ${picture.usedBy.join(", ")}`
                  : `Take ${picture.name} away`
              }
              disabled={picture.usedBy.length > 0}
              onClick={() =>
                void doing(
                  answer(
                    api.DELETE("/api/pictures/{id}", { params: { path: { id: picture.id } } }),
                  ),
                )
              }
            >
              <Trash2 size={13} aria-hidden />
            </button>
          </li>
        ))}
        {found.length === 0 && (
          <li className="p-1 text-sm opacity-75">
            {pictures.length === 0
              ? "No pictures yet. Choose files, drop them on the frame or paste one."
              : "No picture is called that."}
          </li>
        )}
      </ul>
    </div>
  );
}
