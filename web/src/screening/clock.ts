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

/**
 * The time of a screening: that of a film, which goes on from its beginning where it is shorter than
 * the clip that it stands for, or a clock of its own where there is none.
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
    const element = newest.current.filmSeconds > 0 ? film.current : null;
    const painted: number[] = [];
    let began = performance.now() - ((clock.getState().picture - start) / rate) * 1000;
    let laps = element
      ? Math.floor((clock.getState().picture - start + INTO) / rate / newest.current.filmSeconds)
      : 0;
    let before = element?.currentTime ?? 0;
    let last = -1;
    clock.setState({ playing: true, rate: 0 });
    element?.play().catch(() => clock.setState({ playing: false }));
    const step = () => {
      const { playing, picture: now } = clock.getState();
      if (!playing || run !== running.current) return;
      const { clip: shown, filmSeconds: lasts } = newest.current;
      let seconds = (performance.now() - began) / 1000;
      if (element) {
        const at = element.currentTime;
        if (at < before - lasts / 2) laps++;
        before = at;
        seconds = laps * lasts + at;
      }
      let picture = shown.start + Math.floor(seconds * rate + 1e-6);
      if (picture >= shown.start + shown.length) {
        picture = shown.start;
        began = performance.now();
        laps = 0;
        before = 0;
        if (element) show(element, 0);
      } else if (last >= 0 && now !== last) {
        // Somebody sought another moment meanwhile.
        picture = now;
        began = performance.now() - ((now - shown.start) / rate) * 1000;
        if (element) {
          laps = Math.floor((now - shown.start + INTO) / rate / lasts);
          before = element.currentTime;
        }
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
