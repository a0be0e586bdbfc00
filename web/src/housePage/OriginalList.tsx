import type { FollowedHouse } from "../api/client";
import { pictureOf, useOriginals } from "../library/useOriginals";
import { TakeAway } from "../ui/TakeAway";
import { Typed } from "../ui/Typed";
import type { ListProps } from "./ColourList";
import { renamed } from "../house/colours";
import { ListHead } from "./ListHead";

interface Props extends ListProps {
  packageId: number;
  followed: FollowedHouse;
}

/** The library of a house; originals are made and changed in Compose, out of pieces. */
export function OriginalList({ house, edit, packageId, followed }: Props) {
  const known = useOriginals(packageId) ?? [];
  return (
    <section aria-label="Library">
      <ListHead words="Library" />
      {house.originals.length === 0 ? (
        <p className="text-sm opacity-75">
          Nothing yet. Choose pieces in Compose and keep them in the library; copies of them change
          with their original.
        </p>
      ) : (
        <ul>
          {house.originals.map((original, i) => {
            const line = known.find((one) => one.name === original.name);
            return (
              <li
                key={original.name}
                aria-label={original.name}
                className="flex items-center gap-3 border-b border-base-300 py-2"
              >
                <span className="checker flex h-14 w-[112px] shrink-0 items-center justify-center rounded-sm p-1">
                  {line && (
                    <img
                      src={pictureOf(packageId, original.name, followed.revision)}
                      alt=""
                      className="max-h-12 max-w-full"
                    />
                  )}
                </span>
                <div className="min-w-0 flex-1 text-sm">
                  <Typed
                    label={`Name of the original ${original.name}`}
                    value={original.name}
                    longest={60}
                    onTake={(name) =>
                      edit((same) => ({
                        ...same,
                        originals: same.originals.map((one, at) =>
                          at === i ? renamed(one, name) : one,
                        ),
                      }))
                    }
                  />
                  {line && (
                    <div className="truncate opacity-75" title={line.overlays.join(", ")}>
                      {line.pieces} {line.pieces === 1 ? "piece" : "pieces"},{" "}
                      {line.overlays.length === 0
                        ? "no copies yet"
                        : `copies on ${line.overlays.join(", ")}`}
                    </div>
                  )}
                </div>
                <TakeAway
                  label={`Take ${original.name} out of the library…`}
                  onYes={() =>
                    edit((same) => ({
                      ...same,
                      originals: same.originals.filter((other) => other.name !== original.name),
                    }))
                  }
                />
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}
