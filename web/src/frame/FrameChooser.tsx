import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Frame, type FrameEntry } from "../api/client";
import { areaOf, displayWidth, sameFrame } from "../stage/geometry";
import { HD } from "./hd";

interface Props {
  frame: Frame;
  onChoose: (frame: Frame) => void;
}

/** The catalogue of frames as shapes in true proportion, and a size of one's own. */
export function FrameChooser({ frame, onChoose }: Props) {
  const frames = useQuery({
    queryKey: ["frames"],
    queryFn: () => answer(api.GET("/api/frames")),
    staleTime: Infinity,
  });
  const groups = Object.entries(Object.groupBy(frames.data ?? [], (entry) => entry.choice.group));
  return (
    <div className="grid gap-x-8 gap-y-4 lg:grid-cols-2">
      {groups.map(([group, entries = []]) => (
        <section key={group} aria-label={group}>
          <h2 className="mb-1.5 text-xs font-semibold uppercase tracking-wide opacity-75">
            {group}
          </h2>
          <ul className="grid grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-2">
            {entries.map((entry) => (
              <li key={entry.choice.name}>
                <FrameCard
                  entry={entry}
                  on={sameFrame(entry.choice.frame, frame)}
                  onChoose={() => onChoose(entry.choice.frame)}
                />
              </li>
            ))}
          </ul>
        </section>
      ))}
      <OwnSize frame={frame} onChoose={onChoose} />
    </div>
  );
}

interface CardProps {
  entry: FrameEntry;
  on: boolean;
  onChoose: () => void;
}

function FrameCard({ entry, on, onChoose }: CardProps) {
  const { name, frame } = entry.choice;
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={onChoose}
      title={`${entry.rates.join(", ")} pictures a second`}
      className={`flex h-full w-full items-center gap-3 rounded-box border p-2 text-left ${
        on ? "border-primary bg-primary/10" : "border-base-300 bg-base-100 hover:border-primary"
      }`}
    >
      <FrameShape frame={frame} box={58} />
      <span className="min-w-0 text-xs leading-tight">
        <span className="mb-0.5 block text-[13px] font-medium">{name}</span>
        <span className="opacity-80">
          {frame.width} × {frame.height}
        </span>
      </span>
    </button>
  );
}

/** A frame with its safe areas, small, in the proportion in which it is shown. */
export function FrameShape({ frame, box = 76 }: { frame: Frame; box?: number }) {
  const width = displayWidth(frame);
  const scale = box / Math.max(width, frame.height);
  return (
    <span className="flex shrink-0 items-center justify-center" style={{ width: box, height: box }}>
      <svg
        width={width * scale}
        height={frame.height * scale}
        viewBox={`0 0 ${width} ${frame.height}`}
        aria-hidden
      >
        <rect width={width} height={frame.height} className="fill-base-300" />
        {(["ACTION_SAFE", "TITLE_SAFE"] as const).map((area) => (
          <rect
            key={area}
            {...areaOf(frame, area)}
            fill="none"
            className="stroke-base-content"
            strokeOpacity={area === "TITLE_SAFE" ? 0.7 : 0.35}
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </svg>
    </span>
  );
}

const LEAST = 16;
const MOST = 16384;

function problemOf(typed: string, side: string): string {
  const number = Number(typed);
  if (typed.trim() === "" || !Number.isInteger(number)) {
    return `The ${side} is “${typed}”; give a whole number of pixels.`;
  }
  return number < LEAST || number > MOST
    ? `The ${side} is ${number} pixels; give ${LEAST} to ${MOST}.`
    : "";
}

function problemOfDots(typed: string): string {
  const number = Number(typed);
  return typed.trim() === "" || !Number.isInteger(number) || number < 1 || number > 10_000
    ? `“${typed}” dots per inch cannot be; give a whole number from 1 to 10000.`
    : "";
}

function problemOfVideo(typed: string, height: number): string {
  const number = Number(typed);
  return typed.trim() === "" || !Number.isInteger(number) || number < LEAST || number > height
    ? `The video has “${typed}” lines; give ${LEAST} to ${height}, the height of the card.`
    : "";
}

function OwnSize({ frame, onChoose }: Props) {
  const [width, setWidth] = useState(String(frame.width));
  const [height, setHeight] = useState(String(frame.height));
  const [inches, setInches] = useState(false);
  const [dots, setDots] = useState("96");
  const [seen, setSeen] = useState<"whole" | "scrolled" | null>(null);
  const [lines, setLines] = useState(String(frame.videoHeight));
  const pixels = (typed: string) =>
    inches ? String(Math.round(Number(typed.replace(",", ".")) * Number(dots))) : typed;
  const wide = Number(pixels(width));
  const high = Number(pixels(height));
  // What is as wide as now and higher is most likely a card that an editor will scroll.
  const scrolls =
    seen === null ? wide === frame.width && high > frame.videoHeight : seen === "scrolled";
  const problem =
    problemOf(pixels(width), "width") ||
    problemOf(pixels(height), "height") ||
    (inches ? problemOfDots(dots) : "") ||
    (scrolls ? problemOfVideo(lines, high) : "");
  return (
    <section aria-label="Own size" className="lg:col-span-2">
      <h2 className="mb-1.5 text-xs font-semibold uppercase tracking-wide opacity-75">Own size</h2>
      <form
        className="flex flex-wrap items-center gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (problem) return;
          onChoose({
            width: wide,
            height: high,
            pixelAspect: "1/1",
            scan: "PROGRESSIVE",
            safeAreas: { name: "Own", actionX: 4, actionY: 4, titleX: 6, titleY: 6 },
            ownMargin: frame.ownMargin,
            dotsPerInch: inches ? Number(dots) : HD.dotsPerInch,
            videoHeight: scrolls ? Number(lines) : high,
          });
        }}
      >
        <input
          aria-label="Own width"
          className="input input-sm w-24"
          value={width}
          onChange={(event) => setWidth(event.target.value)}
        />
        ×
        <input
          aria-label="Own height"
          className="input input-sm w-24"
          value={height}
          onChange={(event) => setHeight(event.target.value)}
        />
        <select
          aria-label="Unit"
          className="select select-sm w-28"
          value={inches ? "inches" : "pixels"}
          onChange={(event) => setInches(event.target.value === "inches")}
        >
          <option value="pixels">pixels</option>
          <option value="inches">inches</option>
        </select>
        {inches && (
          <label className="flex items-center gap-1">
            at
            <input
              aria-label="Dots per inch"
              className="input input-sm w-18"
              value={dots}
              onChange={(event) => setDots(event.target.value)}
            />
            dots per inch
          </label>
        )}
        <select
          aria-label="How it is seen"
          className="select select-sm w-44"
          value={scrolls ? "scrolled" : "whole"}
          onChange={(event) => setSeen(event.target.value === "scrolled" ? "scrolled" : "whole")}
        >
          <option value="whole">seen whole</option>
          <option value="scrolled">scrolled through</option>
        </select>
        {scrolls && (
          <label className="flex items-center gap-1">
            a video of
            <input
              aria-label="Lines of the video"
              className="input input-sm w-20"
              value={lines}
              onChange={(event) => setLines(event.target.value)}
            />
            lines
          </label>
        )}
        <button type="submit" className="btn btn-sm" disabled={problem !== ""}>
          Use this size
        </button>
        {problem && (
          <span role="alert" className="text-sm text-error">
            {problem}
          </span>
        )}
      </form>
    </section>
  );
}
