import { type RefObject, useCallback, useEffect, useRef, useState } from "react";

/** How long a still lasts when there is no clip. */
const STILL_SECONDS = 6;

export const PICTURE_SECONDS = 1 / 25;

interface Time {
  /** Seconds from the clip's beginning. */
  shown: number;
  length: number;
  playing: boolean;
  /** Pictures painted in the last second of playing. */
  rate: number;
  play: () => void;
  pause: () => void;
  seek: (seconds: number) => void;
  /** Paints the present moment anew. */
  repaint: () => void;
}

/**
 * The screening's time: that of the clip, which begins again at its end, or a clock of its own over a
 * still.
 *
 * @param videoRef the clip's element, if there is a clip
 * @param moves whether there is a clip
 * @param onPicture called for each picture that is to be painted, with its moment
 */
export function useTime(
  videoRef: RefObject<HTMLVideoElement | null>,
  moves: boolean,
  videoLength: number,
  onPicture: (now: number) => void,
): Time {
  const now = useRef(0);
  const [shown, setShown] = useState(0);
  const [playing, setPlaying] = useState(false);
  const [rate, setRate] = useState(0);
  const painted = useRef<number[]>([]);
  const newest = useRef(onPicture);
  useEffect(() => {
    newest.current = onPicture;
  });
  const length = moves ? videoLength : STILL_SECONDS;
  const picture = useCallback(() => {
    newest.current(now.current);
    const at = performance.now();
    painted.current = [...painted.current.filter((one) => at - one < 1000), at];
    setRate(painted.current.length);
    setShown(now.current);
  }, []);
  useEffect(() => {
    if (!playing) return;
    let alive = true;
    const began = performance.now() - now.current * 1000;
    let last = -1;
    const element = moves ? videoRef.current : null;
    if (element) element.play().catch(() => setPlaying(false));
    const step = () => {
      if (!alive) return;
      now.current = element ? element.currentTime : ((performance.now() - began) / 1000) % length;
      // No more pictures than the edit has.
      const count = Math.floor(now.current / PICTURE_SECONDS);
      if (count !== last) {
        last = count;
        picture();
      }
      requestAnimationFrame(step);
    };
    requestAnimationFrame(step);
    return () => {
      alive = false;
      element?.pause();
    };
  }, [playing, videoRef, moves, length, picture]);
  const repaint = useCallback(() => newest.current(now.current), []);
  const seek = useCallback(
    (seconds: number) => {
      const wanted = Math.max(0, Math.min(length - PICTURE_SECONDS, seconds));
      now.current = wanted;
      setShown(wanted);
      if (moves && videoRef.current) videoRef.current.currentTime = wanted;
      else repaint();
    },
    [videoRef, moves, length, repaint],
  );
  return {
    shown,
    length,
    playing,
    rate,
    play: useCallback(() => setPlaying(true), []),
    pause: useCallback(() => setPlaying(false), []),
    seek,
    repaint,
  };
}
