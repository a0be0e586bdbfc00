import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useRef, useState } from "react";
import {
  answer,
  api,
  type Marking,
  type OtherDress,
  type PhotographLine,
  upload,
} from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { NO_HOUSE } from "../house/useHouse";
import { Choice } from "../ui/Choice";
import { dropped } from "../ui/dropped";
import { FilePick } from "../ui/FilePick";
import { Notice } from "../ui/Notice";
import { BringPhotographs } from "./BringPhotographs";
import { PHOTOGRAPH_FILES, sorted } from "./files";
import { FilesSentence } from "./FilesSentence";
import { LargePhotograph } from "./LargePhotograph";
import { otherDresses, shared } from "./marking";
import { MarkingSentence } from "./MarkingSentence";
import { faint, type Order, ordered } from "./order";
import { RunLine } from "./RunLine";
import { useLooks } from "./useLooks";
import { useMarkRun } from "./useMarkRun";
import { usePhotographs } from "./usePhotographs";
import { Wall } from "./Wall";

/** Where one mark is put on many photographs. */
export function PhotographsPage() {
  const id = useOverlay((state) => state.id);
  const packageId = useOverlay((state) => state.packageId);
  if (id === null) return null;
  return <Photographs overlayId={id} packageId={packageId} />;
}

function Photographs({ overlayId, packageId }: { overlayId: number; packageId: number }) {
  const revision = useOverlay((state) => state.revision);
  const { list, fetchAnew, keepSettings, leaveOut, markAs, remove } = usePhotographs(packageId);
  const overlays = useQuery({
    queryKey: ["overlays", packageId],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/overlays", { params: { path: { id: packageId } } })),
  });
  const house = useQuery({
    queryKey: ["house", packageId],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/house", { params: { path: { id: packageId } } })),
  });
  const { run, begin, callOff } = useMarkRun(packageId);
  const [problems, setProblems] = useState<string[]>([]);
  const [taking, setTaking] = useState<{ done: number; all: number }>();
  const [over, setOver] = useState(false);
  const [order, setOrder] = useState<Order>("worst");
  const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
  const [large, setLarge] = useState<number>();
  const queue = useRef(Promise.resolve());

  const settings = list?.settings;
  // Until another is chosen, the overlay in hand is the mark.
  const unset = settings?.overlay === 0;
  useEffect(() => {
    if (unset) void keepSettings({ ...settings, overlay: overlayId });
  }, [unset]); // eslint-disable-line react-hooks/exhaustive-deps -- once, when that is known

  const photographs = useMemo(() => list?.photographs ?? [], [list]);
  const decides = settings
    ? JSON.stringify([settings.overlay, settings.otherDress, settings.marking, revision])
    : "";
  const looks = useLooks(unset || !settings ? NONE : photographs, decides);
  const hanging = useMemo(() => ordered(photographs, looks, order), [photographs, looks, order]);
  if (!list || !settings) return null;

  /** One after the other: a run begins with what was typed just before it. */
  const attempt = (work: () => Promise<void>) => {
    queue.current = queue.current.then(async () => {
      setProblems([]);
      try {
        await work();
      } catch (e) {
        setProblems([e instanceof Error ? e.message : String(e)]);
      }
    });
    return queue.current;
  };
  const take = async (files: readonly File[]) => {
    const { photographs: given, passedOver } = sorted(files);
    setProblems(passedOver ? [passedOver] : []);
    for (const [i, file] of given.entries()) {
      setTaking({ done: i, all: given.length });
      try {
        await upload<PhotographLine>(`/api/packages/${packageId}/photographs`, file);
      } catch (e) {
        setProblems((before) => [...before, e instanceof Error ? e.message : String(e)]);
      }
    }
    setTaking(undefined);
    await fetchAnew();
  };

  const picked = photographs.filter(({ id }) => chosen.has(id));
  const marked = photographs.filter(({ leftOut }) => !leftOut);
  const same = shared(picked.map(({ own }) => own ?? settings.marking));
  const weak = faint(marked, looks);
  const shown = hanging.find(({ id }) => id === large);
  const step = (by: 1 | -1) => {
    const at = hanging.findIndex(({ id }) => id === large);
    setLarge(hanging[(at + by + hanging.length) % hanging.length]?.id);
  };
  const setMarking = (marking: Marking) =>
    attempt(() =>
      picked.length > 0 ? markAs(picked, marking) : keepSettings({ ...settings, marking }),
    );

  return (
    <div
      className={`flex h-full min-w-0 flex-col overflow-hidden ${over ? "outline-2 -outline-offset-4 outline-dashed outline-primary" : ""}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        void dropped(event.dataTransfer).then(take);
      }}
    >
      {problems.slice(0, 4).map((problem) => (
        <div key={problem} className="px-4 pt-2">
          <Notice>{problem}</Notice>
        </div>
      ))}
      {taking && (
        <p role="status" className="px-5 py-2 text-sm">
          Taking in {taking.done + 1} of {taking.all}…
        </p>
      )}
      {photographs.length === 0 ? (
        <BringPhotographs
          packageId={packageId}
          busy={taking !== undefined}
          onFiles={(files) => void take(files)}
          onAdded={() => void fetchAnew()}
        />
      ) : (
        <>
          {run && <RunLine packageId={packageId} run={run} onCallOff={() => void callOff()} />}
          <div
            className={`shrink-0 items-start gap-6 border-b border-base-300 bg-base-100 px-5 py-2 ${shown ? "hidden" : "flex"}`}
          >
            <div className="min-w-0 flex-1 text-[15px] leading-8">
              <p>
                <Choice
                  label="The mark"
                  value={settings.overlay}
                  options={(overlays.data ?? []).map(
                    ({ id, overlay }) => [id, overlay.name] as const,
                  )}
                  onChange={(overlay) => void attempt(() => keepSettings({ ...settings, overlay }))}
                />
                , its other dress{" "}
                <Choice
                  label="Its other dress"
                  value={JSON.stringify(settings.otherDress)}
                  options={otherDresses(
                    house.data?.house ?? NO_HOUSE,
                    (overlays.data ?? []).filter(({ id }) => id !== settings.overlay),
                  ).map(([other, words]) => [JSON.stringify(other), words] as const)}
                  onChange={(other) =>
                    void attempt(() =>
                      keepSettings({ ...settings, otherDress: JSON.parse(other) as OtherDress }),
                    )
                  }
                />
                .{" "}
                <span data-testid="marking-sentence">
                  {picked.length === 0 ? (
                    "On all it "
                  ) : (
                    <strong>
                      On the {picked.length === 1 ? "one" : picked.length} chosen
                      {same ? "" : ", marked differently now,"} it{" "}
                    </strong>
                  )}
                  <MarkingSentence
                    marking={same ?? settings.marking}
                    onChange={(marking) => void setMarking(marking)}
                  />
                  .
                </span>
              </p>
              <FilesSentence
                settings={settings}
                folder={list.folder}
                onChange={(changed) => void attempt(() => keepSettings(changed))}
              />
            </div>
            <div className="flex shrink-0 flex-col items-end gap-1.5 pt-1">
              <button
                type="button"
                className="btn btn-primary btn-sm"
                disabled={run?.going === true || marked.length === 0}
                onClick={() => void attempt(() => begin([...chosen]))}
              >
                {picked.length > 0
                  ? `Mark the ${picked.length} chosen`
                  : `Mark ${marked.length === 1 ? "one photograph" : `${marked.length} photographs`}`}
              </button>
              <FilePick
                label="More photographs"
                accept={PHOTOGRAPH_FILES}
                words="Add photographs…"
                className="btn btn-sm"
                many
                onFiles={(files) => void take(files)}
              />
            </div>
          </div>
          {shown ? (
            <LargePhotograph
              packageId={packageId}
              photograph={shown}
              look={looks.get(shown.id)}
              marking={settings.marking}
              onOwn={(own) => void attempt(() => markAs([shown], own))}
              onLeaveOut={(leftOut) => void attempt(() => leaveOut([shown], leftOut))}
              onStep={step}
              onClose={() => setLarge(undefined)}
            />
          ) : (
            <>
              <div className="flex shrink-0 flex-wrap items-center gap-x-4 gap-y-1 px-5 py-1.5 text-sm">
                <span>
                  Hung{" "}
                  <Choice
                    label="Order of the photographs"
                    value={order}
                    options={[
                      ["worst", "the faintest first"],
                      ["given", "as they came"],
                      ["name", "by their names"],
                    ]}
                    onChange={setOrder}
                  />
                </span>
                <span role="status" className={weak > 0 ? "text-warning" : "opacity-80"}>
                  {weak === 0
                    ? looks.size < marked.length
                      ? `${looks.size} of ${marked.length} looked at`
                      : "All stand out enough"
                    : `${weak} ${weak === 1 ? "stands" : "stand"} out too little`}
                </span>
                <span className="flex-1" />
                {picked.length > 0 ? (
                  <>
                    <button
                      type="button"
                      className="btn btn-xs"
                      onClick={() => setChosen(new Set())}
                    >
                      Choose none
                    </button>
                    <button
                      type="button"
                      className="btn btn-xs"
                      onClick={() => void attempt(() => markAs(picked, null))}
                    >
                      Mark them as all
                    </button>
                    <button
                      type="button"
                      className="btn btn-xs"
                      onClick={() =>
                        void attempt(() =>
                          leaveOut(picked, !picked.every(({ leftOut }) => leftOut)),
                        )
                      }
                    >
                      {picked.every(({ leftOut }) => leftOut) ? "Mark them after all" : "Leave out"}
                    </button>
                    <button
                      type="button"
                      className="btn btn-xs"
                      title="Takes them out of this list; the files stay where they are"
                      onClick={() =>
                        void attempt(async () => {
                          await remove(picked);
                          setChosen(new Set());
                        })
                      }
                    >
                      Take off the wall
                    </button>
                  </>
                ) : (
                  <button
                    type="button"
                    className="btn btn-xs"
                    onClick={() => setChosen(new Set(photographs.map(({ id }) => id)))}
                  >
                    Choose all
                  </button>
                )}
              </div>
              <Wall
                packageId={packageId}
                photographs={hanging}
                looks={looks}
                marking={settings.marking}
                chosen={chosen}
                onChoose={({ id }) => {
                  const next = new Set(chosen);
                  if (!next.delete(id)) next.add(id);
                  setChosen(next);
                }}
                onLarge={({ id }) => setLarge(id)}
              />
            </>
          )}
        </>
      )}
    </div>
  );
}

const NONE: readonly PhotographLine[] = [];
