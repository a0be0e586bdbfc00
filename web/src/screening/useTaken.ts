import { useState } from "react";
import { answer, api, type CueList, type TimeBase } from "../api/client";
import { readMarkers } from "../cues/Deal";
import { rateOf } from "../cues/timecode";
import type { OpenCueList } from "../cues/useCueList";
import { useRates } from "./ClipSentence";
import { filmFacts, nearestRate } from "./film";

interface Means {
  /** Of the list; nothing for one that is not kept. */
  id: number | null;
  open: OpenCueList;
  /** Screens a film from a file from now on. */
  onFilm: (file: File) => void;
  /** Markers were read. */
  onMarkers: () => void;
  /** What is wrong; empty for nothing. */
  onProblem: (sentence: string) => void;
}

/** Has pictures numbered otherwise, all staying where it is in time. */
const numbered = (list: CueList, base: TimeBase) =>
  answer(api.POST("/api/numbered-cues", { body: { list, base } }));

/** Films and markers that are taken from files, and what is to be said of them. */
export function useTaken({ id, open, onFilm, onMarkers, onProblem }: Means) {
  const { list, change, kept } = open;
  const { clip } = list;
  const rates = useRates();
  const [notes, setNotes] = useState<string[]>([]);

  const attempt = async (work: () => Promise<void>) => {
    onProblem("");
    try {
      await work();
    } catch (e) {
      onProblem(e instanceof Error ? e.message : String(e));
    }
  };
  const takeFilm = (file: File) =>
    attempt(async () => {
      const facts = await filmFacts(file);
      onFilm(file);
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
        onProblem(
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
      onMarkers();
    });
  return {
    notes,
    takeFilm: (file: File) => void takeFilm(file),
    takeMarkers: (file: File) => void takeMarkers(file),
    /** One of the two, by what the file is. */
    take: (file: File) =>
      void (file.type.startsWith("video/") ? takeFilm(file) : takeMarkers(file)),
    renumber: (base: TimeBase) => void attempt(async () => change(await numbered(list, base))),
  };
}
