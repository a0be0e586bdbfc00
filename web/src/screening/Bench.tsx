import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo, useRef, useState } from "react";
import { answer, api, type Cue, type CueList, type StillId, type TimeBase } from "../api/client";
import { useKeys } from "../ui/keys";
import { useUndoInstead } from "../ui/undoing";
import { clipName } from "../backdrops/Backdrop";
import { useStills } from "../backdrops/useBackdrops";
import { Deal, readMarkers } from "../cues/Deal";
import { HandOver } from "../cues/HandOver";
import { besides, endOf, inOrder, laid, withCue } from "../cues/list";
import { useSeries } from "../cues/stills";
import { rateOf } from "../cues/timecode";
import { useCueList } from "../cues/useCueList";
import { Choice } from "../ui/Choice";
import { useHome } from "../ui/home";
import { NameInput } from "../ui/NameInput";
import { Notice } from "../ui/Notice";
import { say } from "../ui/said";
import { Tabs } from "../ui/Tabs";
import { TakeAway } from "../ui/TakeAway";
import { useSize } from "../ui/useSize";
import { ClipSentence, useRates } from "./ClipSentence";
import { useClock } from "./clock";
import { CuesAside } from "./CuesAside";
import { type Film, filmFacts, nearestRate } from "./film";
import { Lanes } from "./Lanes";
import { LayStill } from "./LayStill";
import { type Background, paint, painted, stillKey, wantedFrom, wantedOf } from "./paint";
import { type Reading, StillShelf } from "./StillShelf";
import { Transport } from "./Transport";

/** The largest picture that is painted 25 times a second on two cores without a graphics card. */
const MOST_WIDTH = 1280;
const MOST_HEIGHT = 720;

/** How far ahead stills are fetched. */
const AHEAD_SECONDS = 12;

/** How long a still is seen that is laid by hand. */
const LAID_SECONDS = 5;

const SIDES = ["Cues", "Clip", "Deal", "Hand over"] as const;

interface Props {
  packageId: number;
  overlayId: number;
  /** Of the list; nothing for one that is not kept. */
  id: number | null;
  beginning: CueList;
  lists: readonly { id: number; name: string }[];
  /** Whether the overlay in hand can be screened alone. */
  hasOwn: boolean;
  onList: (id: number | null) => void;
  onNew: () => void;
  onKeep: (list: CueList) => void;
  onRemove: (id: number) => void;
}

/** A simulated editing bench: a cue list over a moving clip. */
export function Bench(props: Props) {
  const [playing, setPlaying] = useState(false);
  const open = useCueList(props.packageId, props.id, props.beginning, playing);
  return open ? <OpenBench {...props} open={open} onPlaying={setPlaying} /> : null;
}

type OpenProps = Props & {
  open: NonNullable<ReturnType<typeof useCueList>>;
  onPlaying: (playing: boolean) => void;
};

function OpenBench(props: OpenProps) {
  const {
    packageId,
    overlayId,
    id,
    lists,
    hasOwn,
    onList,
    onNew,
    onKeep,
    onRemove,
    open,
    onPlaying,
  } = props;
  const { list, known, change, undo, redo, canUndo, canRedo, kept } = open;
  const { clip } = list;
  const queries = useQueryClient();
  const [chosen, setChosen] = useState<number | undefined>(id === null ? 1 : undefined);
  const [misread, setMisread] = useState<ReadonlyMap<number, Reading>>(new Map());
  const [side, setSide] = useState<(typeof SIDES)[number]>("Cues");
  const [zoom, setZoom] = useState(1);
  const [problem, setProblem] = useState("");
  const [notes, setNotes] = useState<string[]>([]);
  const [over, setOver] = useState(false);
  const cue = list.cues.find((one) => one.id === chosen);
  const all = useMemo(
    () => painted(clip, list.cues, known, misread),
    [clip, list.cues, known, misread],
  );
  const labelOf = (one: Cue) => all.stills.get(stillKey(one.still))?.label ?? "";

  // The film beneath.
  const clips = useQuery({
    queryKey: ["clips", packageId],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/clips", { params: { path: { id: packageId } } })),
    staleTime: Infinity,
  });
  const [own, setOwn] = useState<Film | null>(null);
  const films: Film[] = [
    ...(clips.data ?? []).map((one) => ({
      name: one.name,
      words: clipName(one.name),
      address: `/api/clips/${one.id}.webm`,
    })),
    ...(own ? [own] : []),
  ];
  const film = films.find(({ name }) => name === clip.name) ?? films[0];
  const [filmSeconds, setFilmSeconds] = useState(0);
  /** While another picture of the film is fetched than the one that is painted. */
  const [seeking, setSeeking] = useState(true);
  const [undecoded, setUndecoded] = useState("");
  const rates = useRates();
  const stills = useStills(packageId);

  const canvas = useRef<HTMLCanvasElement>(null);
  const image = useRef<HTMLImageElement | null>(null);
  const video = useRef<HTMLVideoElement>(null);
  const begun = useRef(false);
  const [loaded, setLoaded] = useState(0);
  /** Whether a still of the moment that is painted is not there yet. */
  const [lacking, setLacking] = useState(true);
  const shelf = useMemo(
    () => new StillShelf(() => setLoaded((count) => count + 1), setProblem),
    [],
  );
  const shrunk = Math.min(1, MOST_WIDTH / clip.width, MOST_HEIGHT / clip.height);
  const ahead = Math.round(AHEAD_SECONDS * rateOf(clip.base));
  const { clock, play, pause, seek, repaint } = useClock(
    video,
    film ? filmSeconds : 0,
    clip,
    (picture) => {
      if (!canvas.current) return;
      const background: Background = film ? video.current : image.current;
      paint(canvas.current, background, all, shelf, picture);
      shelf.want(wantedFrom(all, picture, ahead));
      setLacking(wantedFrom(all, picture, 1).some((one) => !shelf.has(one)));
      if (video.current?.seeking) setSeeking(true); // Its event comes later than a look at it may.
    },
  );
  useEffect(repaint, [repaint, all, loaded]);
  useEffect(() => {
    const { picture } = clock.getState();
    if (picture < clip.start || picture >= clip.start + clip.length) seek(clip.start);
  }, [clock, seek, clip.start, clip.length]);
  useEffect(() => clock.subscribe(({ playing }) => onPlaying(playing)), [clock, onPlaying]);
  const first = stills[0]?.id;
  useEffect(() => {
    if (film || first === undefined) return;
    const still = new Image();
    still.src = `/api/stills/${first}.jpg`;
    still.onload = () => {
      image.current = still;
      repaint();
    };
  }, [film, first, repaint]);
  const unknown = all.cues.length > 0 && all.stills.size === 0;

  const attempt = async (work: () => Promise<void>) => {
    setProblem("");
    try {
      await work();
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  /** Has pictures numbered otherwise, all staying where it is in time. */
  const numbered = (from: CueList, base: TimeBase) =>
    answer(api.POST("/api/numbered-cues", { body: { list: from, base } }));
  const takeFilm = (file: File) =>
    attempt(async () => {
      pause();
      if (own) URL.revokeObjectURL(own.address);
      const facts = await filmFacts(file);
      setOwn({ name: file.name, words: file.name, address: URL.createObjectURL(file) });
      if (!facts) {
        change((now) => ({ ...now, clip: { ...now.clip, name: file.name } }));
        return;
      }
      const rate = nearestRate(
        facts.rate,
        rates.map((one) => one.rate),
      );
      const same =
        !rate ||
        (rate.pictures === clip.base.rate.pictures && rate.seconds === clip.base.rate.seconds);
      const from = same ? list : await numbered(list, { rate, dropFrame: false });
      change({
        ...from,
        clip: {
          ...from.clip,
          name: file.name,
          width: Math.max(16, facts.width),
          height: Math.max(16, facts.height),
          length: Math.max(1, Math.round(facts.seconds * rateOf(from.clip.base))),
        },
      });
      if (!rate) {
        setProblem(
          `"${file.name}" has about ${facts.rate.toFixed(2)} pictures a second, which is no rate that is known here; the list stays as it was numbered.`,
        );
      }
    });
  const takeMarkers = (file: File) =>
    attempt(async () => {
      if (id === null) {
        throw new Error("Keep this as a cue list first; then markers can be read into it.");
      }
      await kept();
      const read = await readMarkers(id, file);
      setNotes([
        `${read.markers.length === 1 ? "1 marker was" : `${read.markers.length} markers were`} read from "${file.name}" as ${read.format}.`,
        ...(read.start && read.start !== "00:00:00:00"
          ? [`Its time line begins at ${read.start}.`]
          : []),
        ...read.notes,
      ]);
      change((now) => ({ ...now, markers: read.markers }));
      setSide("Deal");
    });
  const drop = (files: FileList) => {
    const file = files[0];
    if (!file) return;
    if (file.type.startsWith("video/")) void takeFilm(file);
    else void takeMarkers(file);
  };

  const choose = (one: Cue | undefined) => {
    if (!one) return;
    setChosen(one.id);
    // A moment at which it is at rest, so that it is seen at once.
    const coming = one.coming.kind === "cut" ? 0 : one.coming.frames;
    seek(one.scroll > 0 ? one.from + one.length / 2 : Math.min(endOf(one) - 1, one.from + coming));
  };
  const setCue = (next: Cue) => change((now) => withCue(now, next));
  const remove = (gone: Cue) => {
    setChosen(undefined);
    change((now) => ({ ...now, cues: now.cues.filter((one) => one.id !== gone.id) }));
  };
  const markIn = () => {
    if (!cue) return;
    const { picture } = clock.getState();
    if (picture >= endOf(cue)) say("The chosen cue ends before this picture.");
    else setCue({ ...cue, from: picture, length: endOf(cue) - picture });
  };
  const markOut = () => {
    if (!cue) return;
    const { picture } = clock.getState();
    if (picture < cue.from) say("The chosen cue begins after this picture.");
    else setCue({ ...cue, length: picture + 1 - cue.from });
  };
  useUndoInstead({ undo, redo, canUndo, canRedo });
  useKeys({
    " ": () => (clock.getState().playing ? pause() : play()),
    ArrowLeft: () => seek(clock.getState().picture - 1),
    ArrowRight: () => seek(clock.getState().picture + 1),
    "Shift+ArrowLeft": () => seek(clock.getState().picture - Math.round(rateOf(clip.base))),
    "Shift+ArrowRight": () => seek(clock.getState().picture + Math.round(rateOf(clip.base))),
    Home: () => seek(clip.start),
    End: () => seek(clip.start + clip.length - 1),
    n: () => choose(besides(list.cues, chosen, 1)),
    p: () => choose(besides(list.cues, chosen, -1)),
    b: markIn,
    e: markOut,
    Delete: () => cue && remove(cue),
  });

  const series = useSeries(packageId);
  const layHere = (still: StillId) => {
    const { picture } = clock.getState();
    const most = clip.start + clip.length - picture;
    const length = Math.max(1, Math.min(Math.round(LAID_SECONDS * rateOf(clip.base)), most));
    const next = laid(list, still, picture, length, 0);
    change({ ...list, cues: inOrder([...list.cues, next]) });
    setChosen(next.id);
  };

  const [area, size] = useSize<HTMLDivElement>();
  useHome(area);
  const fit = Math.min((size.width - 16) / clip.width, (size.height - 16) / clip.height);
  const shownReading = cue && wantedOf(cue, all)?.reading;
  return (
    <div
      className={`flex min-h-0 flex-1 ${over ? "outline-2 -outline-offset-4 outline-dashed outline-primary" : ""}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        drop(event.dataTransfer.files);
      }}
    >
      <div className="flex min-w-0 flex-1 flex-col">
        <div
          ref={area}
          role="group"
          aria-label="Picture"
          tabIndex={-1}
          className="flex min-h-0 flex-1 items-center justify-center outline-none"
        >
          <canvas
            ref={canvas}
            role="img"
            aria-label="The delivered files over the clip"
            aria-busy={unknown || lacking || (film !== undefined && seeking)}
            width={Math.round(clip.width * shrunk)}
            height={Math.round(clip.height * shrunk)}
            style={{ width: clip.width * Math.max(0.02, fit), height: clip.height * fit }}
          />
        </div>
        <Transport
          clock={clock}
          clip={clip}
          zoom={zoom}
          onZoom={setZoom}
          onPlay={play}
          onPause={pause}
          onSeek={seek}
        />
        <div className="flex shrink-0 border-t border-base-300 bg-base-100 px-3 pb-1">
          <Lanes
            list={list}
            clock={clock}
            labelOf={labelOf}
            found={known.found}
            chosen={chosen}
            zoom={zoom}
            onChoose={choose}
            onChange={setCue}
            onSeek={seek}
          />
        </div>
      </div>
      {film && (
        <video
          key={film.address}
          ref={video}
          onSeeking={() => setSeeking(true)}
          onSeeked={() => {
            setSeeking(false);
            repaint();
          }}
          src={film.address}
          muted
          loop
          playsInline
          preload="auto"
          className="hidden"
          onLoadedData={(event) => {
            setUndecoded("");
            setFilmSeconds(event.currentTarget.duration);
            setSeeking(false);
            // Another film shows the moment that is looked at; the first one a moment within the
            // first still, so that it is seen at once.
            const beginning = list.cues[0];
            const looking = begun.current || clock.getState().picture !== clip.start;
            begun.current = true;
            if (looking) seek(clock.getState().picture);
            else if (id === null) seek(Math.round(clip.start + clip.length / 3));
            else if (beginning) choose(cue ?? beginning);
          }}
          onError={() => {
            pause();
            setFilmSeconds(0);
            setSeeking(false);
            setUndecoded(film.words);
          }}
        />
      )}
      <aside
        aria-label="Screening"
        className="flex w-96 shrink-0 flex-col overflow-y-auto border-l border-base-300 bg-base-100"
      >
        <div className="flex flex-wrap items-center gap-1 border-b border-base-300 px-3 py-1.5 text-sm">
          <Choice
            label="What is screened"
            value={id ?? 0}
            options={[
              ...(hasOwn || id === null ? ([[0, "This overlay alone"]] as const) : []),
              ...lists.map((one) => [one.id, one.name] as const),
            ]}
            onChange={(wanted) => onList(wanted === 0 ? null : wanted)}
          />
          <span className="flex-1" />
          <button type="button" className="btn btn-xs" onClick={onNew}>
            New cue list
          </button>
          {id === null ? (
            <button type="button" className="btn btn-xs" onClick={() => onKeep(list)}>
              Keep this one
            </button>
          ) : (
            <TakeAway label={`Take ${list.name} away…`} onYes={() => onRemove(id)} />
          )}
        </div>
        <div className="flex items-center gap-2 border-b border-base-300 px-3 py-1.5">
          <Tabs
            label="Side of the screening"
            names={id === null ? SIDES.slice(0, 2) : SIDES}
            chosen={side}
            onChoose={setSide}
          />
        </div>
        {undecoded && (
          <div className="p-2">
            <Notice>
              &quot;{undecoded}&quot; cannot be played by this browser. Save it as WebM or MP4, or
              take another clip.
            </Notice>
          </div>
        )}
        {open.stale && (
          <div role="alert" className="flex flex-wrap gap-1 border-b border-base-300 p-3 text-sm">
            <p className="w-full">
              This list was changed elsewhere meanwhile. Nothing was overwritten; what you changed
              is still here.
            </p>
            <button type="button" className="btn btn-xs" onClick={() => open.settle("own")}>
              Keep mine
            </button>
            <button type="button" className="btn btn-xs" onClick={() => open.settle("other")}>
              Take the other
            </button>
          </div>
        )}
        {[problem, open.problem].filter(Boolean).map((sentence) => (
          <div key={sentence} className="p-2">
            <Notice>{sentence}</Notice>
          </div>
        ))}
        {side === "Clip" && (
          <>
            {id !== null && (
              <label className="flex items-center gap-2 border-b border-base-300 px-3 py-2 text-sm">
                Called
                <NameInput
                  label="Name of the cue list"
                  name={list.name}
                  longest={120}
                  className="input input-xs min-w-0 flex-1"
                  onChange={(name) => {
                    change((now) => ({ ...now, name }));
                    void kept().then(() =>
                      queries.invalidateQueries({ queryKey: ["cue-lists", packageId] }),
                    );
                  }}
                />
              </label>
            )}
            <ClipSentence
              list={list}
              films={films}
              film={film}
              onFilm={(wanted) => {
                pause();
                change((now) => ({ ...now, clip: { ...now.clip, name: wanted.name } }));
              }}
              onOwnFilm={(file) => void takeFilm(file)}
              onChange={change}
              onBase={(base) => void attempt(async () => change(await numbered(list, base)))}
            />
          </>
        )}
        {side === "Cues" && (
          <>
            <CuesAside
              packageId={packageId}
              list={list}
              known={known}
              all={all}
              series={series}
              chosen={chosen}
              reading={shownReading}
              labelOf={labelOf}
              onChoose={choose}
              onChange={setCue}
              onRemove={remove}
              onReading={(reading) => {
                if (cue) setMisread(new Map(misread).set(cue.id, reading));
              }}
            />
            <LayStill packageId={packageId} overlayId={overlayId} series={series} onLay={layHere} />
          </>
        )}
        {side === "Deal" && id !== null && (
          <Deal
            packageId={packageId}
            id={id}
            list={list}
            kept={kept}
            onChange={change}
            onMarkers={(file) => void takeMarkers(file)}
            notes={notes}
            onDealt={() => setChosen(undefined)}
          />
        )}
        {side === "Hand over" && id !== null && (
          <HandOver id={id} list={list} stills={known.stills} found={known.found} kept={kept} />
        )}
      </aside>
    </div>
  );
}
