import { useQueryClient } from "@tanstack/react-query";
import { useFollowed } from "../house/useHouse";
import { useOverlay } from "../document/overlayStore";
import { Choice } from "../ui/Choice";
import { goHome } from "../ui/home";
import { PickByPicture } from "../ui/PickByPicture";
import { carry, lay, useLaying } from "./lay";
import { pictureOf, useOriginals } from "./useOriginals";

interface Props {
  packageId: number;
  onKeep: () => void;
  onClose: () => void;
}

/** The library of the house: what is pressed is laid in the middle, or carried onto the frame. */
export function LibraryShelf({ packageId, onKeep, onClose }: Props) {
  const queries = useQueryClient();
  const originals = useOriginals(packageId);
  const revision = useFollowed(packageId)?.revision ?? 0;
  const followed = useLaying((state) => state.followed);
  const anything = useOverlay((state) => state.selected.length > 0);
  const leave = () => {
    onClose();
    goHome();
  };
  return (
    <>
      {originals?.length === 0 ? (
        <p className="mt-2 text-sm">
          Nothing is kept in the library yet. Choose pieces that you need again and keep them there:
          copies of them change with their original.
        </p>
      ) : (
        <>
          <PickByPicture
            label="Library"
            picks={originals?.map((one) => ({
              key: one.name,
              name: one.name,
              words: one.words,
              picture: (
                <span className="checker flex h-full w-full items-center justify-center">
                  <img
                    src={pictureOf(packageId, one.name, revision)}
                    alt=""
                    draggable={false}
                    className="max-h-12 max-w-full object-contain"
                  />
                </span>
              ),
            }))}
            taken=""
            carry={carry}
            onPick={(name) => {
              void lay(name, queries);
              leave();
            }}
            onClose={leave}
          />
          <p className="mt-1 text-sm">
            What is laid{" "}
            <Choice
              label="What is laid from the library"
              value={followed ? "follows" : "stands"}
              options={[
                ["follows", "follows its original"] as const,
                ["stands", "stands by itself"] as const,
              ]}
              onChange={(choice) => useLaying.setState({ followed: choice === "follows" })}
            />
            . Press it, or drag it onto the frame.
          </p>
        </>
      )}
      <p className="mt-1 flex gap-1">
        <button type="button" className="btn btn-xs" disabled={!anything} onClick={onKeep}>
          Keep what is chosen…
        </button>
        <button type="button" className="btn btn-ghost btn-xs" onClick={leave}>
          Close
        </button>
      </p>
    </>
  );
}
