import { useState } from "react";
import {
  answer,
  api,
  type CueList,
  type CueMarker,
  type CueMove,
  type Dealing,
  upload,
} from "../api/client";
import { Choice } from "../ui/Choice";
import { FilePick } from "../ui/FilePick";
import { Notice } from "../ui/Notice";
import { NumberField } from "../ui/NumberField";
import { FADE } from "./list";
import { MoveChoice } from "./MoveChoice";
import { seriesKey, seriesWords, useSeries } from "./stills";
import { TimeField } from "./TimeField";
import { rateOf, timecode } from "./timecode";

export const MARKER_FILES = ".otio,.edl,.vtt,.srt,.csv,.tsv,.txt,.xlsx,.ods";

interface ReadMarkers {
  format: string;
  markers: CueMarker[];
  told: string;
  start: string;
  notes: string[];
}

/** Reads a file of markers for a list. */
export function readMarkers(id: number, file: File): Promise<ReadMarkers> {
  return upload<ReadMarkers>(`/api/cue-lists/${id}/markers`, file);
}

const LASTING = [
  ["fixed", "for the same time each"],
  ["until-next", "until the next one"],
  ["of-marker", "as long as its marker or row says"],
] as const;

interface Props {
  packageId: number;
  id: number;
  list: CueList;
  /** Waits until the list is kept. */
  kept: () => Promise<void>;
  onChange: (list: CueList) => void;
  onMarkers: (file: File) => void;
  /** What was said of the last file of markers. */
  notes: readonly string[];
  onDealt: () => void;
}

/** Where stills are dealt to markers, or to the times in a roster's columns. */
export function Deal(props: Props) {
  const { packageId, id, list, kept, onChange, onMarkers, notes, onDealt } = props;
  const { base } = list.clip;
  const series = useSeries(packageId);
  const [wanted, setWanted] = useState("");
  // A series of rows is what is dealt most often.
  const usual = series.find(({ roster }) => roster !== 0) ?? series[0];
  const chosen = series.find((one) => seriesKey(one) === wanted) ?? usual;
  const [by, setBy] = useState<Dealing["by"] | "COLUMNS">("ORDER");
  const [lasting, setLasting] = useState<(typeof LASTING)[number][0]>("fixed");
  const [length, setLength] = useState(Math.round(5 * rateOf(base)));
  const [lane, setLane] = useState(1);
  const [coming, setComing] = useState<CueMove>(FADE);
  const [going, setGoing] = useState<CueMove>(FADE);
  const [problem, setProblem] = useState("");
  const [said, setSaid] = useState<string[]>([]);
  if (!chosen) {
    return (
      <p className="p-3 text-sm">
        There is nothing to deal yet: no overlay goes out with its alpha in its file.
      </p>
    );
  }
  const columns = by === "COLUMNS" && chosen.timed;
  const deal = async () => {
    setProblem("");
    setSaid([]);
    try {
      await kept();
      const proposed = await answer(
        api.POST("/api/cue-lists/{id}/deal", {
          params: { path: { id } },
          body: {
            overlay: chosen.overlay,
            roster: chosen.roster,
            target: chosen.target,
            times: columns ? "COLUMNS" : "MARKERS",
            inPlace: true,
            dealing: {
              by: by === "WORDS" ? "WORDS" : "ORDER",
              lasting:
                lasting === "until-next"
                  ? { kind: lasting }
                  : lasting === "fixed"
                    ? { kind: lasting, pictures: length }
                    : { kind: lasting, otherwise: length },
              lane,
              coming,
              going,
              fit: "OWN",
            },
          },
        }),
      );
      onChange(proposed.list);
      setSaid(proposed.notes);
      onDealt();
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  return (
    <div className="flex min-h-0 flex-1 flex-col overflow-y-auto text-sm">
      <div className="border-b border-base-300 px-3 py-2">
        <p>
          {list.markers.length === 0
            ? "The list has no markers. Drop a file that says when: an OpenTimelineIO time line, an edit list, subtitles or a table."
            : list.markers.length === 1
              ? "The list has 1 marker."
              : `The list has ${list.markers.length} markers, from ${timecode(list.markers[0]?.at ?? 0, base)} to ${timecode(list.markers.at(-1)?.at ?? 0, base)}.`}
        </p>
        <div className="mt-1 flex gap-1">
          <FilePick
            label="File of markers"
            accept={MARKER_FILES}
            words="Read markers…"
            className="btn btn-xs"
            onFiles={([file]) => {
              if (file) onMarkers(file);
            }}
          />
          {list.markers.length > 0 && (
            <button
              type="button"
              className="btn btn-xs btn-ghost"
              onClick={() => onChange({ ...list, markers: [] })}
            >
              Take them away
            </button>
          )}
        </div>
        {notes.map((note) => (
          <p key={note} role="note" className="mt-1 text-warning">
            {note}
          </p>
        ))}
      </div>
      <p className="px-3 pt-2 leading-7">
        Deal{" "}
        <Choice
          label="Stills to deal"
          value={seriesKey(chosen)}
          options={series.map((one) => [seriesKey(one), seriesWords(one)] as const)}
          onChange={setWanted}
        />{" "}
        <Choice
          label="Dealt by"
          value={columns || by !== "COLUMNS" ? by : "ORDER"}
          options={[
            ["ORDER", "to the markers in their order"],
            ["WORDS", "to the markers that name them"],
            ...(chosen.timed
              ? ([["COLUMNS", "to the times in the roster's columns"]] as const)
              : []),
          ]}
          onChange={setBy}
        />
        , on lane{" "}
        <NumberField
          label="Lane to deal on"
          value={lane}
          least={1}
          most={20}
          digits={0}
          onChange={(value) => setLane(Math.round(value))}
        />
        ,{" "}
        <Choice
          label="How long they last"
          value={lasting}
          options={LASTING}
          onChange={setLasting}
        />
        {lasting !== "until-next" && (
          <>
            {lasting === "fixed" ? ", " : ", else "}
            <TimeField
              label="Length of each"
              kind="LENGTH"
              value={length}
              base={base}
              onChange={setLength}
            />
          </>
        )}
        , coming by <MoveChoice label="All coming" move={coming} onChange={setComing} />, going by{" "}
        <MoveChoice label="All going" move={going} onChange={setGoing} />. What is on that lane
        makes way.
      </p>
      <div className="px-3 py-2">
        <button type="button" className="btn btn-sm btn-primary" onClick={() => void deal()}>
          Deal them
        </button>
      </div>
      {problem && (
        <div className="px-3">
          <Notice>{problem}</Notice>
        </div>
      )}
      {said.map((note) => (
        <p key={note} role="note" className="px-3 py-1 text-warning">
          {note}
        </p>
      ))}
      {list.markers.length > 0 && (
        <ul aria-label="Markers" className="mt-1 border-t border-base-300 py-1">
          {list.markers.slice(0, 200).map((marker, i) => (
            <li key={`${marker.at} ${i}`} className="flex gap-3 px-3 py-0.5">
              <span className="shrink-0">{timecode(marker.at, base)}</span>
              <span className="truncate">{marker.words || "without words"}</span>
            </li>
          ))}
          {list.markers.length > 200 && (
            <li className="px-3 py-0.5 opacity-80">And {list.markers.length - 200} more.</li>
          )}
        </ul>
      )}
    </div>
  );
}
