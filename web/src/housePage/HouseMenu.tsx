import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef } from "react";
import { answer, api, type FollowedHouse, upload } from "../api/client";
import { Menu } from "../ui/Menu";
import { proposeOther } from "../house/proposal";

interface Props {
  packageId: number;
  followed: FollowedHouse;
  onProblem: (problem: string) => void;
}

/** Which house is followed, and houses as files. */
export function HouseMenu({ packageId, followed, onProblem }: Props) {
  const queries = useQueryClient();
  const file = useRef<HTMLInputElement>(null);
  const houses = useQuery({
    queryKey: ["houses"],
    queryFn: () => answer(api.GET("/api/houses")),
  });
  const attempt = async (work: () => Promise<unknown>) => {
    onProblem("");
    try {
      await work();
    } catch (e) {
      onProblem(e instanceof Error ? e.message : String(e));
    }
    await queries.invalidateQueries({ queryKey: ["houses"] });
  };
  const others = (houses.data ?? []).filter((house) => house.id !== followed.id);
  return (
    <>
      <Menu words="Follow, save, take in" look="btn btn-sm" place="dropdown-end">
        {others.map((house) => (
          <li key={house.id} className="flex-row flex-nowrap">
            <button
              type="button"
              className="min-w-0 flex-1"
              onClick={() =>
                void attempt(() => proposeOther(packageId, followed, house.id, queries))
              }
            >
              Follow {house.name}
            </button>
            {house.packages.length === 0 && (
              <button
                type="button"
                className="w-auto shrink-0"
                title={`${house.name} is followed by no package`}
                aria-label={`Take the house ${house.name} away`}
                onClick={() =>
                  void attempt(() =>
                    answer(api.DELETE("/api/houses/{id}", { params: { path: { id: house.id } } })),
                  )
                }
              >
                ×
              </button>
            )}
          </li>
        ))}
        {followed.id !== 0 && (
          <>
            <li>
              <button
                type="button"
                onClick={() => void attempt(() => proposeOther(packageId, followed, 0, queries))}
              >
                Follow no house
              </button>
            </li>
            <li>
              <a
                href={`/api/packages/${packageId}/house.zip`}
                download={`${followed.house.name}.zip`}
              >
                Save the house as a file
              </a>
            </li>
          </>
        )}
        <li>
          <button type="button" onClick={() => file.current?.click()}>
            Take a house in from a file…
          </button>
        </li>
      </Menu>
      <input
        ref={file}
        type="file"
        aria-label="File of a house"
        accept=".zip"
        className="hidden"
        onChange={(event) => {
          const [given] = [...(event.target.files ?? [])];
          event.target.value = "";
          if (given) void attempt(() => upload("/api/houses", given));
        }}
      />
    </>
  );
}
