import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useRef, useState } from "react";
import { answer, api, type DeliveryStatus } from "../api/client";
import { useKeys } from "../app/keys";
import { clipName } from "../backdrops/Backdrop";
import { useOverlay } from "../document/overlayStore";
import { useStills } from "../backdrops/useBackdrops";
import { Choice } from "../ui/Choice";
import { FilePick } from "../ui/FilePick";
import { Notice } from "../ui/Notice";
import { useSize } from "../ui/useSize";
import { editOf, laid, type Marker, type Size } from "./marker";
import { MarkerSentence } from "./MarkerSentence";
import { type Background, paint, pictureKey } from "./paint";
import { TimeLine } from "./TimeLine";
import { useStillPictures } from "./useStillPictures";
import { PICTURE_SECONDS, useTime } from "./useTime";

/** The largest picture that is painted 25 times a second on two cores without a graphics card. */
const MOST_WIDTH = 1280;
const MOST_HEIGHT = 720;

const EDITS: readonly Size[] = [
  { width: 1280, height: 720 },
  { width: 1920, height: 1080 },
  { width: 3840, height: 2160 },
  { width: 1080, height: 1920 },
  { width: 1080, height: 1080 },
];

const sizeWords = ({ width, height }: Size) => `${width} × ${height}`;

interface Film {
  name: string;
  address: string;
}

/** A simulated editing bench: delivered files over a moving clip. */
export function Screening({ packageId, overlayId }: { packageId: number; overlayId: number }) {
  const history = useQuery({
    queryKey: ["deliveries", overlayId],
    queryFn: () =>
      answer(api.GET("/api/overlays/{id}/deliveries", { params: { path: { id: overlayId } } })),
  });
  const runs = useQuery({
    queryKey: ["runs", packageId],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/delivery-runs", { params: { path: { id: packageId } } })),
  });
  // Its own files first; others of the package may be laid on the clip as well.
  const files = useMemo(() => {
    const own = history.data ?? [];
    const others = (runs.data ?? []).flatMap((run) => run.files);
    const byName = new Map<string, DeliveryStatus>();
    for (const file of [...own, ...others]) {
      if (file.state === "DONE" && !byName.has(file.fileName)) byName.set(file.fileName, file);
    }
    return [...byName.values()];
  }, [history.data, runs.data]);
  const own = useOverlay((state) => state.overlay?.frame);
  const done = history.data?.filter((file) => file.state === "DONE") ?? [];
  // What is on the overlay's own frame is what was worked on.
  const newest =
    done.find(
      ({ target: { frame } }) => frame.width === own?.width && frame.height === own.height,
    ) ?? done[0];
  if (history.isPending) return null;
  if (!newest) {
    return (
      <p className="m-auto max-w-md text-center opacity-80">
        The screening shows delivered files, as an editor will get them. Deliver this overlay first;
        then it can be put over a moving clip here.
      </p>
    );
  }
  return <Bench packageId={packageId} files={files} newest={newest} />;
}

interface BenchProps {
  packageId: number;
  files: DeliveryStatus[];
  newest: DeliveryStatus;
}

function Bench({ packageId, files, newest }: BenchProps) {
  const clips = useQuery({
    queryKey: ["clips", packageId],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/clips", { params: { path: { id: packageId } } })),
    staleTime: Infinity,
  });
  const stills = useStills(packageId);
  const [own, setOwn] = useState<Film | null>(null);
  const films: Film[] = [
    ...(clips.data ?? []).map((clip) => ({
      name: clipName(clip.name),
      address: `/api/clips/${clip.id}.webm`,
    })),
    ...(own ? [own] : []),
  ];
  const [wanted, setWanted] = useState("");
  const film = films.find((one) => one.address === wanted) ?? films[0];
  const [length, setLength] = useState(6);
  const [undecoded, setUndecoded] = useState("");
  const [edit, setEdit] = useState<Size>(editOf(newest.target.frame));
  const [markers, setMarkers] = useState<Marker[]>([laid(0, newest, 0.5, 5)]);
  const { pictures, problem } = useStillPictures(markers);
  const canvas = useRef<HTMLCanvasElement>(null);
  const image = useRef<HTMLImageElement | null>(null);
  const zoom = Math.min(1, MOST_WIDTH / edit.width, MOST_HEIGHT / edit.height);
  const videoRef = useRef<HTMLVideoElement>(null);
  const time = useTime(videoRef, film !== undefined, length, (now) => {
    if (!canvas.current) return;
    const background: Background = film ? videoRef.current : image.current;
    paint(canvas.current, edit, background, markers, pictures, now);
  });
  const { playing, play, pause, seek, shown, repaint } = time;
  useEffect(repaint, [repaint, edit, markers, pictures]);
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
  useKeys({
    " ": playing ? pause : play,
    ArrowLeft: () => seek(shown - PICTURE_SECONDS),
    ArrowRight: () => seek(shown + PICTURE_SECONDS),
    Home: () => seek(0),
  });
  const [area, size] = useSize<HTMLDivElement>();
  const fit = Math.min((size.width - 24) / edit.width, (size.height - 24) / edit.height);
  const edits = EDITS.some((one) => one.width === edit.width && one.height === edit.height)
    ? EDITS
    : [edit, ...EDITS];
  return (
    <div className="flex min-h-0 flex-1">
      <div className="flex min-w-0 flex-1 flex-col">
        <div ref={area} className="flex min-h-0 flex-1 items-center justify-center">
          <canvas
            ref={canvas}
            role="img"
            aria-label="The delivered files over the clip"
            aria-busy={markers.some((marker) => !pictures.has(pictureKey(marker)))}
            width={Math.round(edit.width * zoom)}
            height={Math.round(edit.height * zoom)}
            style={{ width: edit.width * Math.max(0.02, fit), height: edit.height * fit }}
          />
        </div>
        <TimeLine
          markers={markers}
          now={shown}
          length={time.length}
          playing={playing}
          rate={time.rate}
          onPlay={play}
          onPause={pause}
          onSeek={seek}
        />
      </div>
      {film && (
        <video
          key={film.address}
          ref={videoRef}
          onSeeked={repaint}
          src={film.address}
          muted
          loop
          playsInline
          preload="auto"
          className="hidden"
          onLoadedData={(event) => {
            const { duration } = event.currentTarget;
            setUndecoded("");
            setLength(duration);
            setMarkers((before) =>
              before.map((marker) => ({ ...marker, to: Math.min(marker.to, duration) })),
            );
            // A moment within the first still, so that it is seen at once.
            seek(Math.min(2, duration / 2));
          }}
          onError={() => {
            pause();
            setUndecoded(film.name);
          }}
        />
      )}
      <aside
        aria-label="Screening"
        className="flex w-80 shrink-0 flex-col overflow-y-auto border-l border-base-300 bg-base-100"
      >
        <div className="border-b border-base-300 px-3 py-2 text-sm leading-7">
          <p>
            A clip of{" "}
            <Choice
              label="Size of the clip"
              value={sizeWords(edit)}
              options={edits.map((one) => [sizeWords(one), sizeWords(one)] as const)}
              onChange={(words) => {
                const chosen = edits.find((one) => sizeWords(one) === words);
                if (chosen) setEdit(chosen);
              }}
            />
            {films.length > 0 && (
              <>
                :{" "}
                <Choice
                  label="Clip"
                  value={film?.address ?? ""}
                  options={films.map((one) => [one.address, one.name] as const)}
                  onChange={(address) => {
                    pause();
                    setWanted(address);
                  }}
                />
              </>
            )}
          </p>
          <FilePick
            label="Clip of your own"
            accept="video/*"
            words="Take a clip of your own…"
            className="btn btn-xs"
            onFiles={([file]) => {
              if (!file) return;
              pause();
              if (own) URL.revokeObjectURL(own.address);
              const taken = { name: file.name, address: URL.createObjectURL(file) };
              setOwn(taken);
              setWanted(taken.address);
            }}
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
        {problem && (
          <div className="p-2">
            <Notice>{problem}</Notice>
          </div>
        )}
        <ul aria-label="Stills on the clip">
          {markers.map((marker) => (
            <MarkerSentence
              key={marker.key}
              marker={marker}
              choices={files}
              edit={edit}
              length={time.length}
              onChange={(next) =>
                setMarkers((before) => before.map((one) => (one.key === next.key ? next : one)))
              }
              onRemove={() => setMarkers((before) => before.filter((one) => one !== marker))}
            />
          ))}
        </ul>
        <div className="p-3">
          <button
            type="button"
            className="btn btn-sm"
            onClick={() =>
              setMarkers((before) => [
                ...before,
                laid(
                  1 + Math.max(-1, ...before.map((one) => one.key)),
                  newest,
                  Math.min(shown, time.length - 1),
                  time.length,
                ),
              ])
            }
          >
            Lay another still here
          </button>
        </div>
      </aside>
    </div>
  );
}
