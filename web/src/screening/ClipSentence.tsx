import { useQuery } from "@tanstack/react-query";
import { answer, api, type CueList, type TimeBase } from "../api/client";
import { startingAt } from "../cues/list";
import { TimeField } from "../cues/TimeField";
import { Choice } from "../ui/Choice";
import { FilePick } from "../ui/FilePick";
import { NumberField } from "../ui/NumberField";
import type { Film } from "./film";

const SIZES = [
  [1280, 720],
  [1920, 1080],
  [3840, 2160],
  [1080, 1920],
  [1080, 1080],
] as const;

const sizeWords = (width: number, height: number) => `${width} × ${height}`;

const NO_RATES: { rate: TimeBase["rate"]; label: string; drops: boolean }[] = [];

/** The frame rates that are known. */
export function useRates() {
  const rates = useQuery({
    queryKey: ["frame-rates"],
    queryFn: () => answer(api.GET("/api/frame-rates")),
    staleTime: Infinity,
  });
  return rates.data ?? NO_RATES;
}

interface Props {
  list: CueList;
  films: readonly Film[];
  film: Film | undefined;
  onFilm: (film: Film) => void;
  onOwnFilm: (file: File) => void;
  onChange: (next: (now: CueList) => CueList) => void;
  /** Numbers the pictures otherwise; all stays where it is in time. */
  onBase: (base: TimeBase) => void;
}

/** What video the list is for, as a sentence. */
export function ClipSentence(props: Props) {
  const { list, films, film, onFilm, onOwnFilm, onChange, onBase } = props;
  const rates = useRates();
  const { clip } = list;
  const { base } = clip;
  const set = (change: Partial<typeof clip>) =>
    onChange((now) => ({ ...now, clip: { ...now.clip, ...change } }));
  const size = sizeWords(clip.width, clip.height);
  const sizes = SIZES.map(([width, height]) => sizeWords(width, height));
  const bases = rates.flatMap(({ rate, label, drops }) => [
    [{ rate, dropFrame: false }, `${label} pictures a second`] as const,
    ...(drops
      ? [[{ rate, dropFrame: true }, `${label} pictures a second, drop frame`] as const]
      : []),
  ]);
  const same = (one: TimeBase) =>
    one.rate.pictures === base.rate.pictures &&
    one.rate.seconds === base.rate.seconds &&
    one.dropFrame === base.dropFrame;
  return (
    <div className="border-b border-base-300 px-3 py-1.5 text-sm leading-7">
      <p>
        A clip of{" "}
        <Choice
          label="Size of the clip"
          value={size}
          options={[...new Set([size, ...sizes])].map((words) => [words, words] as const)}
          onChange={(words) => {
            const [width = clip.width, height = clip.height] = words.split(" × ").map(Number);
            set({ width, height });
          }}
        />{" "}
        at{" "}
        <Choice
          label="Frame rate"
          value={bases.findIndex(([one]) => same(one))}
          options={bases.map(([, words], i) => [i, words] as const)}
          onChange={(at) => {
            const wanted = bases[at]?.[0];
            if (wanted) onBase(wanted);
          }}
        />
        , from{" "}
        <TimeField
          label="Begins at"
          kind="POINT"
          value={clip.start}
          base={base}
          onChange={(start) => onChange((now) => startingAt(now, start))}
        />{" "}
        for{" "}
        <TimeField
          label="Length of the clip"
          kind="LENGTH"
          value={clip.length}
          base={base}
          onChange={(length) => set({ length })}
        />
        {films.length > 0 && (
          <>
            :{" "}
            <Choice
              label="Clip"
              value={film?.address ?? ""}
              options={films.map((one) => [one.address, one.words] as const)}
              onChange={(address) => {
                const wanted = films.find((one) => one.address === address);
                if (wanted) onFilm(wanted);
              }}
            />
          </>
        )}
        . Viewers read{" "}
        <NumberField
          label="Reading speed"
          value={list.readingSpeed}
          least={1}
          most={100}
          digits={0}
          unit=" characters a second"
          onChange={(readingSpeed) => onChange((now) => ({ ...now, readingSpeed }))}
        />
        .
      </p>
      <FilePick
        label="Clip of your own"
        accept="video/*"
        words="Take a clip of your own…"
        className="btn btn-xs"
        onFiles={([file]) => {
          if (file) onOwnFilm(file);
        }}
      />
    </div>
  );
}
