import { useState } from "react";
import type { Cue, StillId } from "../api/client";
import { besides, endOf, inOrder, laid, withCue } from "../cues/list";
import { rateOf } from "../cues/timecode";
import type { OpenCueList } from "../cues/useCueList";
import { useKeys } from "../ui/keys";
import { say } from "../ui/said";
import type { useClock } from "./clock";

/** How long a still is seen that is laid by hand. */
const LAID_SECONDS = 5;

/** What the hand and the keys do to the cues of a list while it is screened. */
export function useCueHand(
  { list, change }: OpenCueList,
  { clock, play, pause, seek }: ReturnType<typeof useClock>,
  first: number | undefined,
) {
  const { clip } = list;
  const [chosen, setChosen] = useState(first);
  const cue = list.cues.find((one) => one.id === chosen);
  const second = Math.round(rateOf(clip.base));
  const now = () => clock.getState().picture;
  const choose = (one: Cue | undefined) => {
    if (!one) return;
    setChosen(one.id);
    // A moment at which it is at rest, so that it is seen at once.
    const coming = one.coming.kind === "cut" ? 0 : one.coming.frames;
    seek(one.scroll > 0 ? one.from + one.length / 2 : Math.min(endOf(one) - 1, one.from + coming));
  };
  const setCue = (next: Cue) => change((before) => withCue(before, next));
  const remove = (gone: Cue) => {
    setChosen(undefined);
    change((before) => ({ ...before, cues: before.cues.filter((one) => one.id !== gone.id) }));
  };
  const markIn = () => {
    if (!cue) return;
    if (now() >= endOf(cue)) say("The chosen cue ends before this picture.");
    else setCue({ ...cue, from: now(), length: endOf(cue) - now() });
  };
  const markOut = () => {
    if (!cue) return;
    if (now() < cue.from) say("The chosen cue begins after this picture.");
    else setCue({ ...cue, length: now() + 1 - cue.from });
  };
  const layHere = (still: StillId) => {
    const most = clip.start + clip.length - now();
    const length = Math.max(1, Math.min(Math.round(LAID_SECONDS * rateOf(clip.base)), most));
    const next = laid(list, still, now(), length, 0);
    change({ ...list, cues: inOrder([...list.cues, next]) });
    setChosen(next.id);
  };
  useKeys({
    " ": () => (clock.getState().playing ? pause() : play()),
    ArrowLeft: () => seek(now() - 1),
    ArrowRight: () => seek(now() + 1),
    "Shift+ArrowLeft": () => seek(now() - second),
    "Shift+ArrowRight": () => seek(now() + second),
    Home: () => seek(clip.start),
    End: () => seek(clip.start + clip.length - 1),
    n: () => choose(besides(list.cues, chosen, 1)),
    p: () => choose(besides(list.cues, chosen, -1)),
    b: markIn,
    e: markOut,
    Delete: () => cue && remove(cue),
  });
  return { cue, chosen, choose, letGo: () => setChosen(undefined), setCue, remove, layHere };
}
