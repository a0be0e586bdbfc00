import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type CueList, type DeliveryStatus } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { scrolled } from "../document/geometry";
import { Notice } from "../ui/Notice";
import { Bench } from "./Bench";

const PICTURES = 25;
const READING_SPEED = 15;

/** How long a scroll takes over the height of the clip. */
const SCROLL_SECONDS = 6;

/** A list that is not kept, with the overlay's newest file alone on it. */
function alone(name: string, newest: DeliveryStatus): CueList {
  const { frame } = newest.target;
  const length = SCROLL_SECONDS * PICTURES;
  const scroll = scrolled(frame)
    ? Math.round((frame.videoHeight + frame.height) / SCROLL_SECONDS)
    : 0;
  const move = scroll > 0 ? ({ kind: "cut" } as const) : ({ kind: "fade", frames: 12 } as const);
  return {
    name: name.slice(0, 120),
    clip: {
      name: "",
      width: frame.width,
      height: frame.videoHeight,
      base: { rate: { pictures: PICTURES, seconds: 1 }, dropFrame: false },
      start: 0,
      length,
    },
    readingSpeed: READING_SPEED,
    markers: [],
    cues: [
      {
        id: 1,
        still: { overlay: newest.overlayId, row: newest.row, target: newest.targetName },
        from: scroll > 0 ? 0 : 12,
        length: scroll > 0 ? length : 120,
        lane: 1,
        coming: move,
        going: move,
        scroll,
        fit: "OWN",
      },
    ],
  };
}

/** Delivered files over a moving clip: this overlay's alone, or all of a cue list's at their times. */
export function Screening({ packageId, overlayId }: { packageId: number; overlayId: number }) {
  const queries = useQueryClient();
  const own = useOverlay((state) => state.overlay?.frame);
  const [wanted, setWanted] = useState<number | null>(null);
  const [problem, setProblem] = useState("");
  const lists = useQuery({
    queryKey: ["cue-lists", packageId],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/cue-lists", { params: { path: { id: packageId } } })),
  });
  const history = useQuery({
    queryKey: ["deliveries", overlayId],
    queryFn: () =>
      answer(api.GET("/api/overlays/{id}/deliveries", { params: { path: { id: overlayId } } })),
  });
  if (!lists.data || history.isPending) return null;
  const done = (history.data ?? []).filter(
    ({ state, target }) =>
      state === "DONE" &&
      (target.file.carried.kind === "straight" || target.file.carried.kind === "premultiplied"),
  );
  // What is on the overlay's own frame is what was worked on.
  const newest =
    done.find(
      ({ target: { frame } }) => frame.width === own?.width && frame.height === own.height,
    ) ?? done[0];
  const begin = async (from: CueList) => {
    setProblem("");
    try {
      const added = await answer(
        api.POST("/api/packages/{id}/cue-lists", {
          params: { path: { id: packageId } },
          body: from,
        }),
      );
      await queries.invalidateQueries({ queryKey: ["cue-lists", packageId] });
      setWanted(added.id);
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  const remove = async (id: number) => {
    await answer(api.DELETE("/api/cue-lists/{id}", { params: { path: { id } } }));
    await queries.invalidateQueries({ queryKey: ["cue-lists", packageId] });
    setWanted(null);
  };
  const names = new Set(lists.data.map(({ name }) => name));
  let name = "Cue list";
  for (let i = 2; names.has(name); i++) name = `Cue list ${i}`;
  const empty: CueList = {
    name,
    clip: {
      name: "",
      width: own?.width ?? 1920,
      height: own?.videoHeight ?? 1080,
      base: { rate: { pictures: PICTURES, seconds: 1 }, dropFrame: false },
      start: 0,
      length: 60 * PICTURES,
    },
    readingSpeed: READING_SPEED,
    markers: [],
    cues: [],
  };
  const shown = lists.data.find(({ id }) => id === wanted);
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      {problem && (
        <div className="p-2">
          <Notice>{problem}</Notice>
        </div>
      )}
      {shown || newest ? (
        <Bench
          key={shown ? `list ${shown.id}` : `overlay ${newest?.id}`}
          packageId={packageId}
          overlayId={overlayId}
          id={shown?.id ?? null}
          beginning={newest ? alone("This overlay alone", newest) : empty}
          lists={lists.data}
          hasOwn={newest !== undefined}
          onList={setWanted}
          onNew={() => void begin(empty)}
          onKeep={(list) => void begin({ ...list, name })}
          onRemove={(id) => void remove(id)}
        />
      ) : (
        <div className="m-auto flex max-w-md flex-col items-center gap-3 text-center">
          <p className="opacity-80">
            The screening shows delivered files, as an editor will get them. Deliver this overlay
            first; then it can be put over a moving clip here.
          </p>
          <p className="opacity-80">
            A cue list shows every still of a video at its time and hands it over to the editor.
          </p>
          <div className="flex flex-wrap justify-center gap-2">
            {lists.data.map((list) => (
              <button
                key={list.id}
                type="button"
                className="btn btn-sm"
                onClick={() => setWanted(list.id)}
              >
                Open {list.name}
              </button>
            ))}
            <button type="button" className="btn btn-sm" onClick={() => void begin(empty)}>
              Begin a cue list
            </button>
          </div>
        </div>
      )}
    </div>
  );
}
