import { Pause, Play, StepBack, StepForward } from "lucide-react";
import type { Marker } from "./marker";
import { PICTURE_SECONDS } from "./useTime";

interface Props {
  markers: readonly Marker[];
  now: number;
  length: number;
  playing: boolean;
  rate: number;
  onPlay: () => void;
  onPause: () => void;
  onSeek: (seconds: number) => void;
}

/** Minutes, seconds and pictures. */
function clock(seconds: number): string {
  const pictures = Math.floor(seconds / PICTURE_SECONDS + 1e-6);
  const two = (value: number) => String(value).padStart(2, "0");
  return `${two(Math.floor(pictures / 1500))}:${two(Math.floor(pictures / 25) % 60)}:${two(pictures % 25)}`;
}

/** Plays, steps and scrubs, and shows where the stills lie. */
export function TimeLine(props: Props) {
  const { markers, now, length, playing, rate, onPlay, onPause, onSeek } = props;
  return (
    <div className="flex shrink-0 items-center gap-2 border-t border-base-300 bg-base-100 px-3 py-2">
      <button
        type="button"
        className="btn btn-sm btn-square"
        aria-label="A picture back"
        onClick={() => onSeek(now - PICTURE_SECONDS)}
      >
        <StepBack size={15} />
      </button>
      <button
        type="button"
        className="btn btn-sm btn-square btn-primary"
        aria-label={playing ? "Pause" : "Play"}
        onClick={playing ? onPause : onPlay}
      >
        {playing ? <Pause size={15} /> : <Play size={15} />}
      </button>
      <button
        type="button"
        className="btn btn-sm btn-square"
        aria-label="A picture on"
        onClick={() => onSeek(now + PICTURE_SECONDS)}
      >
        <StepForward size={15} />
      </button>
      <span className="w-20 shrink-0 text-center font-mono text-sm" data-testid="screening-time">
        {clock(now)}
      </span>
      <div className="relative h-9 min-w-0 flex-1">
        {markers.map((marker, i) => (
          <span
            key={marker.key}
            title={marker.delivery.fileName}
            className="absolute h-1.5 rounded-full bg-primary/60"
            style={{
              left: `${(100 * marker.from) / length}%`,
              width: `${(100 * (marker.to - marker.from)) / length}%`,
              top: 2 + (i % 2) * 26,
            }}
          />
        ))}
        <input
          type="range"
          aria-label="Moment"
          className="range range-xs absolute top-3 w-full"
          min={0}
          max={Math.max(0.1, length - PICTURE_SECONDS)}
          step={PICTURE_SECONDS}
          value={now}
          onChange={(event) => onSeek(Number(event.target.value))}
        />
      </div>
      <span className="w-36 shrink-0 text-right text-xs opacity-75" data-testid="screening-rate">
        {playing ? `${rate} pictures a second` : ""}
      </span>
    </div>
  );
}
