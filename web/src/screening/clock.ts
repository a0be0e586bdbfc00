import { type RefObject, useCallback, useEffect, useMemo, useRef } from "react";
import { createStore, type StoreApi } from "zustand";
import type { CueClip } from "../api/client";
import { rateOf } from "../cues/timecode";

/** What is shown now. Few things follow it, since it changes with every picture. */
export interface Moment {
  /** Number of the picture, counted from 00:00:00:00. */
  picture: number;
  playing: boolean;
  /** Pictures painted in the last second of playing. */
  rate: number;
}

export type Clock = StoreApi<Moment>;

/** Shows another moment of a film. */
function show(film: HTMLVideoElement, seconds: number): void {
  film.currentTime = seconds;
}

/** How far into a picture its video is sought, so that rounding does not show the one before. */
const INTO = 0.25;

interface Played {
  clock: Clock;
  play: () => void;
  pause: () => void;
  seek: (picture: number) => void;
  /** Paints the present moment anew. */
  repaint: () => void;
}

/** How far a film that begins again and again may be off before it is set right, in seconds. */
const MOST_OFF = 0.12;

/**
 * The time of a screening: that of the film if it is as long as the clip. A shorter film stands for
 * the clip and begins again and again under a clock of its own, since each time costs it a moment.
 *
 * @param filmSeconds how long the film is; 0 if there is none
 * @param onPicture called for each picture that is to be painted
 */
export function useClock(
  film: RefObject<HTMLVideoElement | null>,
  filmSeconds: number,
  clip: CueClip,
  onPicture: (picture: number) => void,
): Played {
  const clock = useMemo<Clock>(
    () => createStore(() => ({ picture: clip.start, playing: false, rate: 0 })),
    [], // eslint-disable-line react-hooks/exhaustive-deps -- one clock for the whole screening
  );
  const newest = useRef({ onPicture, clip, filmSeconds });
  useEffect(() => {
    newest.current = { onPicture, clip, filmSeconds };
  });
  const repaint = useCallback(() => newest.current.onPicture(clock.getState().picture), [clock]);

  const seek = useCallback(
    (wanted: number) => {
      const { start, length, base } = newest.current.clip;
      const picture = Math.round(Math.max(start, Math.min(start + length - 1, wanted)));
      clock.setState({ picture });
      const element = film.current;
      const { filmSeconds: lasts } = newest.current;
      if (element && lasts > 0) {
        show(element, ((picture - start + INTO) / rateOf(base)) % lasts);
      }
      newest.current.onPicture(picture);
    },
    [clock, film],
  );

  const pause = useCallback(() => {
    film.current?.pause();
    clock.setState({ playing: false });
  }, [clock, film]);

  const running = useRef(0);
  const play = useCallback(() => {
    const run = ++running.current;
    const { start, base } = newest.current.clip;
    const rate = rateOf(base);
    const { filmSeconds: lasts, clip: whole } = newest.current;
    const element = lasts > 0 ? film.current : null;
    const leads = element !== null && lasts >= (whole.length - 1) / rate;
    const painted: number[] = [];
    const beganAt = (picture: number) => performance.now() - ((picture - start) / rate) * 1000;
    let began = beganAt(clock.getState().picture);
    let before = element?.currentTime ?? 0;
    let last = -1;
    clock.setState({ playing: true, rate: 0 });
    element?.play().catch(() => clock.setState({ playing: false }));
    const step = () => {
      const { playing, picture: now } = clock.getState();
      if (!playing || run !== running.current) return;
      const { clip: shown } = newest.current;
      if (last >= 0 && now !== last) began = beganAt(now); // Somebody sought another moment.
      const seconds = element && leads ? element.currentTime : (performance.now() - began) / 1000;
      let picture = shown.start + Math.floor(seconds * rate + 1e-6);
      if (picture >= shown.start + shown.length) {
        picture = shown.start;
        began = beganAt(picture);
        if (element) show(element, 0);
      } else if (element && !leads) {
        const at = element.currentTime;
        const off = Math.abs((seconds % lasts) - at);
        if (at < before && Math.min(off, lasts - off) > MOST_OFF) show(element, seconds % lasts);
        before = at;
      }
      // No more pictures than the clip has.
      if (picture !== last) {
        last = picture;
        newest.current.onPicture(picture);
        const at = performance.now();
        while (painted[0] !== undefined && at - painted[0] >= 1000) painted.shift();
        painted.push(at);
        clock.setState({ picture, rate: painted.length });
      }
      requestAnimationFrame(step);
    };
    requestAnimationFrame(step);
  }, [clock, film]);

  useEffect(
    () => () => {
      running.current++;
    },
    [],
  );
  return { clock, play, pause, seek, repaint };
}
