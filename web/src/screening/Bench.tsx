import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo, useRef, useState } from "react";
import type { Cue, CueList } from "../api/client";
import { useStills } from "../backdrops/useBackdrops";
import { Deal } from "../cues/Deal";
import { HandOver } from "../cues/HandOver";
import { useSeries } from "../cues/stills";
import { rateOf } from "../cues/timecode";
import { type OpenCueList, useCueList } from "../cues/useCueList";
import { useHome } from "../ui/home";
import { NameInput } from "../ui/NameInput";
import { Tabs } from "../ui/Tabs";
import { useUndoInstead } from "../ui/undoing";
import { useSize } from "../ui/useSize";
import { BenchNotices } from "./BenchNotices";
import { ClipSentence } from "./ClipSentence";
import { useClock } from "./clock";
import { CuesAside } from "./CuesAside";
import { Lanes } from "./Lanes";
import { LayStill } from "./LayStill";
import { ListBar } from "./ListBar";
import { type Background, paint, painted, stillKey, wantedFrom, wantedOf } from "./paint";
import { type Reading, StillShelf } from "./StillShelf";
import { Transport } from "./Transport";
import { useCueHand } from "./useCueHand";
import { useFilms } from "./useFilms";
import { useTaken } from "./useTaken";

/** The largest picture that is painted 25 times a second on two cores without a graphics card. */
const MOST_WIDTH = 1280;
const MOST_HEIGHT = 720;

/** How far ahead stills are fetched. */
const AHEAD_SECONDS = 12;

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
  open: OpenCueList;
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
  const [misread, setMisread] = useState<ReadonlyMap<number, Reading>>(new Map());
  const [side, setSide] = useState<(typeof SIDES)[number]>("Cues");
  const [zoom, setZoom] = useState(1);
  const [problem, setProblem] = useState("");
  const [over, setOver] = useState(false);
  const all = useMemo(
    () => painted(clip, list.cues, known, misread),
    [clip, list.cues, known, misread],
  );
  const labelOf = (one: Cue) => all.stills.get(stillKey(one.still))?.label ?? "";

  const { films, film, takeOwn } = useFilms(packageId, clip.name);
  const [filmSeconds, setFilmSeconds] = useState(0);
  /** While another picture of the film is fetched than the one that is painted. */
  const [seeking, setSeeking] = useState(true);
  const [undecoded, setUndecoded] = useState("");
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
  const played = useClock(video, film ? filmSeconds : 0, clip, (picture) => {
    if (!canvas.current) return;
    const background: Background = film ? video.current : image.current;
    paint(canvas.current, background, all, shelf, picture);
    shelf.want(wantedFrom(all, picture, ahead));
    setLacking(wantedFrom(all, picture, 1).some((one) => !shelf.has(one)));
    if (video.current?.seeking) setSeeking(true); // Its event comes later than a look at it may.
  });
  const { clock, play, pause, seek, repaint } = played;
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

  useUndoInstead({ undo, redo, canUndo, canRedo });
  const hand = useCueHand(open, played, id === null ? 1 : undefined);
  const { cue, chosen, choose } = hand;
  const taken = useTaken({
    id,
    open,
    onFilm: (file) => {
      pause();
      takeOwn(file);
    },
    onMarkers: () => setSide("Deal"),
    onProblem: setProblem,
  });
  const series = useSeries(packageId);
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
        const [file] = event.dataTransfer.files;
        if (file) taken.take(file);
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
            onChange={hand.setCue}
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
        <ListBar
          {...{ id, lists, hasOwn, onList, onNew, onRemove }}
          name={list.name}
          onKeep={() => onKeep(list)}
        />
        <div className="flex items-center gap-2 border-b border-base-300 px-3 py-1.5">
          <Tabs
            label="Side of the screening"
            names={id === null ? SIDES.slice(0, 2) : SIDES}
            chosen={side}
            onChoose={setSide}
          />
        </div>
        <BenchNotices
          undecoded={undecoded}
          stale={open.stale}
          onSettle={open.settle}
          problems={[problem, open.problem]}
        />
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
              onOwnFilm={taken.takeFilm}
              onChange={change}
              onBase={taken.renumber}
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
              onChange={hand.setCue}
              onRemove={hand.remove}
              onReading={(reading) => {
                if (cue) setMisread(new Map(misread).set(cue.id, reading));
              }}
            />
            <LayStill
              packageId={packageId}
              overlayId={overlayId}
              series={series}
              onLay={hand.layHere}
            />
          </>
        )}
        {side === "Deal" && id !== null && (
          <Deal
            packageId={packageId}
            id={id}
            list={list}
            kept={kept}
            onChange={change}
            onMarkers={taken.takeMarkers}
            notes={taken.notes}
            onDealt={hand.letGo}
          />
        )}
        {side === "Hand over" && id !== null && (
          <HandOver id={id} list={list} stills={known.stills} found={known.found} kept={kept} />
        )}
      </aside>
    </div>
  );
}
