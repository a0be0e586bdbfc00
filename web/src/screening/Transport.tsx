import { Pause, Play, StepBack, StepForward, ZoomIn, ZoomOut } from "lucide-react";
import { useStore } from "zustand";
import type { CueClip } from "../api/client";
import { timecode } from "../cues/timecode";
import type { Clock } from "./clock";

interface Props {
  clock: Clock;
  clip: CueClip;
  zoom: number;
  onZoom: (zoom: number) => void;
  onPlay: () => void;
  onPause: () => void;
  onSeek: (picture: number) => void;
}

const MOST_ZOOM = 64;

/** Plays, steps and scrubs. */
export function Transport({ clock, clip, zoom, onZoom, onPlay, onPause, onSeek }: Props) {
  const { picture, playing, rate } = useStore(clock);
  const button = "btn btn-xs btn-square";
  return (
    <div className="flex shrink-0 items-center gap-1.5 border-t border-base-300 bg-base-100 px-3 py-1.5">
      <button
        type="button"
        className={button}
        aria-label="A picture back"
        onClick={() => onSeek(picture - 1)}
      >
        <StepBack size={14} />
      </button>
      <button
        type="button"
        className={`${button} btn-primary`}
        aria-label={playing ? "Pause" : "Play"}
        onClick={playing ? onPause : onPlay}
      >
        {playing ? <Pause size={14} /> : <Play size={14} />}
      </button>
      <button
        type="button"
        className={button}
        aria-label="A picture on"
        onClick={() => onSeek(picture + 1)}
      >
        <StepForward size={14} />
      </button>
      <span className="w-24 shrink-0 text-center text-sm" data-testid="screening-time">
        {timecode(picture, clip.base)}
      </span>
      <input
        type="range"
        aria-label="Moment"
        aria-valuetext={timecode(picture, clip.base)}
        className="range range-xs min-w-0 flex-1"
        min={clip.start}
        max={clip.start + clip.length - 1}
        step={1}
        value={picture}
        onChange={(event) => onSeek(Number(event.target.value))}
      />
      <span className="w-36 shrink-0 text-right text-xs opacity-75" data-testid="screening-rate">
        {playing ? `${rate} pictures a second` : ""}
      </span>
      <button
        type="button"
        className={button}
        aria-label="The time line wider"
        title="The time line wider"
        disabled={zoom >= MOST_ZOOM}
        onClick={() => onZoom(zoom * 2)}
      >
        <ZoomIn size={14} />
      </button>
      <button
        type="button"
        className={button}
        aria-label="The time line narrower"
        title="The time line narrower"
        disabled={zoom <= 1}
        onClick={() => onZoom(zoom / 2)}
      >
        <ZoomOut size={14} />
      </button>
    </div>
  );
}
