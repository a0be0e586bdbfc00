import { type PointerEvent, useRef, useState } from "react";
import { useStore } from "zustand";
import type { Cue, CueFound, CueList } from "../api/client";
import { dragged, type Grip, lanesShown } from "../cues/list";
import { timecode } from "../cues/timecode";
import { useSize } from "../ui/useSize";
import type { Clock } from "./clock";

const LANE_HEIGHT = 22;
const MARKER_HEIGHT = 12;
const MOST_HEIGHT = 132;

/** How near something has to come to be drawn to an edge. */
const SNAP_PIXELS = 7;
const GRIP_PIXELS = 6;
const DRAG_STARTS_AT = 3;

interface Props {
  list: CueList;
  clock: Clock;
  labelOf: (cue: Cue) => string;
  found: readonly CueFound[];
  chosen: number | undefined;
  /** How many times as wide as the window the time line is. */
  zoom: number;
  onChoose: (cue: Cue) => void;
  onChange: (cue: Cue) => void;
  onSeek: (picture: number) => void;
}

interface Dragging {
  cue: Cue;
  grip: Grip;
  x: number;
  y: number;
  moved: boolean;
  now: Cue;
}

/** The time line: markers above, lanes below, a bar for each cue that can be dragged and trimmed. */
export function Lanes(props: Props) {
  const { list, clock, labelOf, found, chosen, zoom, onChoose, onChange, onSeek } = props;
  const [area, size] = useSize<HTMLDivElement>();
  const [dragging, setDragging] = useState<Dragging | null>(null);
  const seeking = useRef(false);
  const { clip } = list;
  const width = Math.max(100, size.width * zoom);
  const perPicture = width / clip.length;
  const lanes = lanesShown(list.cues);
  const wrong = new Set(found.filter(({ prevents }) => prevents).map(({ cue }) => cue));
  const x = (picture: number) => (picture - clip.start) * perPicture;

  const picture = (event: PointerEvent<HTMLElement>) =>
    clip.start +
    Math.floor(
      (event.clientX - event.currentTarget.getBoundingClientRect().left) / perPicture + 1e-6,
    );
  const take = (event: PointerEvent<HTMLElement>, cue: Cue) => {
    if (event.button !== 0) return;
    event.stopPropagation();
    const box = event.currentTarget.getBoundingClientRect();
    const wide = box.width > 4 * GRIP_PIXELS;
    const grip: Grip =
      wide && event.clientX - box.left < GRIP_PIXELS
        ? "from"
        : wide && box.right - event.clientX < GRIP_PIXELS
          ? "to"
          : "whole";
    event.currentTarget.setPointerCapture(event.pointerId);
    setDragging({ cue, grip, x: event.clientX, y: event.clientY, moved: false, now: cue });
  };
  const drag = (event: PointerEvent<HTMLElement>) => {
    if (!dragging) return;
    const across = event.clientX - dragging.x;
    const down = event.clientY - dragging.y;
    const moved = dragging.moved || Math.hypot(across, down) >= DRAG_STARTS_AT;
    if (!moved) return;
    const free = event.ctrlKey || event.metaKey;
    const now = dragged(
      dragging.cue,
      dragging.grip,
      across / perPicture,
      dragging.grip === "whole" ? Math.round(down / LANE_HEIGHT) : 0,
      free ? 0 : SNAP_PIXELS / perPicture,
      { cues: list.cues, markers: list.markers, clip, now: clock.getState().picture },
    );
    setDragging({ ...dragging, moved, now });
  };
  const drop = () => {
    if (!dragging) return;
    setDragging(null);
    if (dragging.moved) onChange(dragging.now);
    else onChoose(dragging.cue);
  };
  return (
    <div ref={area} className="min-w-0 flex-1 overflow-auto" style={{ maxHeight: MOST_HEIGHT }}>
      <div
        className="relative select-none"
        data-testid="lanes"
        style={{ width, height: MARKER_HEIGHT + lanes * LANE_HEIGHT }}
        onPointerDown={(event) => {
          if (event.button !== 0) return;
          seeking.current = true;
          event.currentTarget.setPointerCapture(event.pointerId);
          onSeek(picture(event));
        }}
        onPointerMove={(event) => {
          if (seeking.current) onSeek(picture(event));
        }}
        onPointerUp={() => (seeking.current = false)}
        onLostPointerCapture={() => (seeking.current = false)}
      >
        {list.markers.map((marker, i) => (
          <span
            key={`${marker.at} ${i}`}
            title={`${timecode(marker.at, clip.base)} ${marker.words}`}
            className="absolute top-0.5 h-2 w-2 -translate-x-1/2 rounded-full bg-info"
            style={{ left: x(marker.at) }}
          />
        ))}
        {Array.from({ length: lanes }, (_, lane) => (
          <span
            key={lane}
            aria-hidden
            className="absolute w-full border-t border-base-300"
            style={{ top: MARKER_HEIGHT + lane * LANE_HEIGHT, height: LANE_HEIGHT }}
          />
        ))}
        {list.cues.map((one) => {
          const cue = dragging?.cue.id === one.id ? dragging.now : one;
          const barWidth = Math.max(2, cue.length * perPicture - 1);
          return (
            <button
              key={cue.id}
              type="button"
              tabIndex={-1}
              aria-label={`${labelOf(cue)}, lane ${cue.lane}`}
              title={labelOf(cue)}
              data-testid={`bar-${cue.id}`}
              className={`absolute cursor-grab touch-none overflow-hidden rounded-sm border px-1 text-left text-xs leading-[18px] whitespace-nowrap ${
                cue.id === chosen
                  ? "border-primary bg-primary text-primary-content"
                  : wrong.has(cue.id)
                    ? "border-dashed border-warning bg-base-300"
                    : "border-base-content/30 bg-base-300"
              }`}
              style={{
                left: x(cue.from),
                width: barWidth,
                top: MARKER_HEIGHT + (cue.lane - 1) * LANE_HEIGHT + 1,
                height: LANE_HEIGHT - 2,
              }}
              onPointerDown={(event) => take(event, one)}
              onPointerMove={drag}
              onPointerUp={drop}
              onPointerCancel={() => setDragging(null)}
            >
              {barWidth > 24 && labelOf(cue)}
              {barWidth > 4 * GRIP_PIXELS && (
                <>
                  <span className="absolute inset-y-0 left-0 w-1.5 cursor-ew-resize" />
                  <span className="absolute inset-y-0 right-0 w-1.5 cursor-ew-resize" />
                </>
              )}
            </button>
          );
        })}
        <Playhead clock={clock} x={x} />
      </div>
    </div>
  );
}

function Playhead({ clock, x }: { clock: Clock; x: (picture: number) => number }) {
  const picture = useStore(clock, (state) => state.picture);
  return (
    <span
      aria-hidden
      className="pointer-events-none absolute inset-y-0 w-px bg-base-content"
      style={{ left: x(picture) }}
    />
  );
}
