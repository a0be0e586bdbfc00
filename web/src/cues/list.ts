import type { Cue, CueClip, CueList, CueMarker, CueMove, StillId } from "../api/client";

/** What a list's times are brought to when they come near, besides pictures. */
export interface Edges {
  cues: readonly Cue[];
  markers: readonly CueMarker[];
  clip: CueClip;
  /** The picture that is shown. */
  now: number;
}

/** A cue that is dragged: as a whole, or by its beginning or its end. */
export type Grip = "whole" | "from" | "to";

export const FADE: CueMove = { kind: "fade", frames: 12 };
export const CUT: CueMove = { kind: "cut" };

export function sameStill(one: StillId, other: StillId): boolean {
  return one.overlay === other.overlay && one.row === other.row && one.target === other.target;
}

export function nextId(cues: readonly Cue[]): number {
  return 1 + Math.max(0, ...cues.map(({ id }) => id));
}

export function endOf({ from, length }: Cue): number {
  return from + length;
}

/**
 * The list with a clip that begins at another timecode. What lies in the clip stays at its place in
 * the video; what lies outside, as when a file of markers told the timecode first, keeps its own.
 */
export function startingAt(list: CueList, start: number): CueList {
  const { clip } = list;
  const by = start - clip.start;
  const inside = (at: number) => at >= clip.start && at < clip.start + clip.length;
  return {
    ...list,
    clip: { ...clip, start },
    markers: list.markers.map((one) => (inside(one.at) ? { ...one, at: one.at + by } : one)),
    cues: inOrder(
      list.cues.map((one) => (inside(one.from) ? { ...one, from: one.from + by } : one)),
    ),
  };
}

/** The list with a cue in the place of the one of its number. */
export function withCue(list: CueList, cue: Cue): CueList {
  return { ...list, cues: inOrder(list.cues.map((one) => (one.id === cue.id ? cue : one))) };
}

export function inOrder(cues: readonly Cue[]): Cue[] {
  return [...cues].sort(
    (one, other) => one.from - other.from || one.lane - other.lane || one.id - other.id,
  );
}

/** The place nearest to a picture within reach that something else begins or ends at. */
export function snapped(picture: number, within: number, edges: Edges, without: number): number {
  const places = [
    ...edges.markers.map(({ at }) => at),
    ...edges.cues.filter(({ id }) => id !== without).flatMap((cue) => [cue.from, endOf(cue)]),
    edges.clip.start,
    edges.clip.start + edges.clip.length,
    edges.now,
  ];
  let best = picture;
  let nearest = within + 1e-9;
  for (const place of places) {
    const distance = Math.abs(place - picture);
    if (distance < nearest) {
      nearest = distance;
      best = place;
    }
  }
  return best;
}

/**
 * A cue after a hand has dragged it.
 *
 * @param by pictures, to the right
 * @param within pictures from which on it is drawn to edges; 0 for none
 */
export function dragged(
  cue: Cue,
  grip: Grip,
  by: number,
  lanes: number,
  within: number,
  edges: Edges,
): Cue {
  const lane = Math.min(20, Math.max(1, cue.lane + lanes));
  const to = (picture: number) => snapped(Math.round(picture), within, edges, cue.id);
  switch (grip) {
    case "whole": {
      const moved = Math.round(cue.from + by);
      const first = to(moved) - moved;
      const last = to(moved + cue.length) - moved - cue.length;
      // The edge that is nearer to something decides.
      const closer = first !== 0 && (last === 0 || Math.abs(first) <= Math.abs(last));
      return { ...cue, lane, from: Math.max(0, moved + (closer ? first : last)) };
    }
    case "from": {
      const from = Math.min(endOf(cue) - 1, Math.max(0, to(cue.from + by)));
      return { ...cue, from, length: endOf(cue) - from };
    }
    case "to": {
      const end = Math.max(cue.from + 1, to(endOf(cue) + by));
      return { ...cue, length: end - cue.from };
    }
  }
}

/** A still laid on the lowest lane that is free there; a move needs room on both sides. */
export function laid(
  list: CueList,
  still: StillId,
  at: number,
  length: number,
  scroll: number,
): Cue {
  const free = (lane: number) =>
    list.cues.every((cue) => cue.lane !== lane || cue.from >= at + length || endOf(cue) <= at);
  let lane = 1;
  while (lane < 20 && !free(lane)) lane++;
  const move = scroll > 0 || length < 24 ? CUT : FADE;
  return {
    id: nextId(list.cues),
    still,
    from: at,
    length,
    lane,
    coming: move,
    going: move,
    scroll,
    fit: "OWN",
  };
}

/** The cue after or before a picture, in the order of time; the first or last one if there is none. */
export function besides(cues: readonly Cue[], chosen: number | undefined, by: 1 | -1) {
  if (cues.length === 0) return undefined;
  const at = cues.findIndex(({ id }) => id === chosen);
  if (at < 0) return by > 0 ? cues[0] : cues[cues.length - 1];
  return cues[Math.min(cues.length - 1, Math.max(0, at + by))];
}

/** How many lanes are shown: those that have cues, and one to drag to. */
export function lanesShown(cues: readonly Cue[]): number {
  return Math.min(20, 1 + Math.max(1, ...cues.map(({ lane }) => lane)));
}
