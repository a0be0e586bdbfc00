import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { answer, api, type CueList, type KnownCues, Refused } from "../api/client";

const NOTHING: KnownCues = { stills: [], moves: [], places: [], found: [] };

/** How often what is known of the stills is looked at again, in case they were delivered anew. */
const LOOK_AGAIN_MS = 3000;

const TRY_AGAIN_MS = 2000;

/** Characters, each of a byte or two, of the 64 KiB that a page may leave behind on its way. */
const MOST_CARRIED = 30_000;

/** Lists that can be gone back to. */
const MOST_STEPS = 200;

/** Another list, or what is changed about the one that is there by then: answers take their time. */
export type Change = CueList | ((now: CueList) => CueList);

export interface OpenCueList {
  list: CueList;
  known: KnownCues;
  /** Takes another list over; what was there can be gone back to. */
  change: (next: Change) => void;
  undo: () => void;
  redo: () => void;
  canUndo: boolean;
  canRedo: boolean;
  /** Waits until what was changed last is kept. */
  kept: () => Promise<void>;
  problem: string;
  /** Whether it was saved from elsewhere meanwhile, so that nothing is kept for now. */
  stale: boolean;
  /** Goes on with what is here, or with what was saved elsewhere. */
  settle: (by: "own" | "other") => void;
}

interface Steps {
  before: CueList[];
  after: CueList[];
}

/**
 * A list that is changed at once and kept behind the hand, or nowhere if it has no number.
 *
 * @param resting whether nothing is looked at again for now, since pictures are played
 */
export function useCueList(
  packageId: number,
  id: number | null,
  beginning: CueList,
  resting: boolean,
): OpenCueList | null {
  const queries = useQueryClient();
  const [list, setList] = useState<CueList | null>(id === null ? beginning : null);
  const [known, setKnown] = useState(NOTHING);
  const [problem, setProblem] = useState("");
  const [stale, setStale] = useState(false);
  const steps = useRef<Steps>({ before: [], after: [] });
  const [depth, setDepth] = useState({ before: 0, after: 0 });
  const revision = useRef(0);
  const newest = useRef<CueList | null>(list);
  const dirty = useRef(false);
  const queue = useRef(Promise.resolve());
  const again = useRef<() => void>(() => undefined);

  const look = useQuery({
    queryKey: ["cue-list", id],
    queryFn: () => answer(api.GET("/api/cue-lists/{id}", { params: { path: { id: id ?? 0 } } })),
    enabled: id !== null,
    refetchInterval: resting ? false : LOOK_AGAIN_MS,
    refetchOnWindowFocus: true,
    gcTime: 0,
  });
  const alone = useQuery({
    queryKey: ["known-cues", packageId, id === null ? list : null],
    queryFn: () =>
      answer(
        api.POST("/api/packages/{id}/known-cues", {
          params: { path: { id: packageId } },
          body: newest.current ?? beginning,
        }),
      ),
    enabled: id === null && list !== null,
    refetchInterval: resting ? false : LOOK_AGAIN_MS,
    placeholderData: (before) => before,
    gcTime: 0,
  });

  const saved = look.data;
  useEffect(() => {
    // What the hand has changed meanwhile is newer than any answer.
    if (!saved || dirty.current || saved.revision < revision.current) return;
    const unchanged = saved.revision === revision.current && newest.current;
    revision.current = saved.revision;
    setKnown(saved.known);
    if (!unchanged) {
      newest.current = saved.list;
      setList(saved.list);
    }
  }, [saved]);

  const keep = useCallback(() => {
    if (id === null) return;
    dirty.current = true;
    queue.current = queue.current.then(async () => {
      const wanted = newest.current;
      if (!dirty.current || !wanted) return;
      try {
        const now = await answer(
          api.PUT("/api/cue-lists/{id}", {
            params: { path: { id } },
            body: { basedOn: revision.current, list: wanted },
            // So that it arrives even if the page is left at once; browsers carry no more than that.
            keepalive: JSON.stringify(wanted).length < MOST_CARRIED,
          }),
        );
        revision.current = now.revision;
        if (newest.current === wanted) {
          dirty.current = false;
          setKnown(now.known);
          queries.setQueryData(["cue-list", id], now);
        }
        setProblem("");
      } catch (e) {
        if (e instanceof Refused && e.status === 409) {
          setStale(true);
          return;
        }
        setProblem(e instanceof Error ? e.message : String(e));
        if (e instanceof Refused && e.status === 422) {
          // What cannot be is taken back; what could not be sent stays.
          const last = steps.current.before.pop();
          if (last) {
            newest.current = last;
            setList(last);
            setDepth({ before: steps.current.before.length, after: steps.current.after.length });
          }
          dirty.current = false;
        } else {
          // The server may be back soon; what was changed waits here.
          setTimeout(() => again.current(), TRY_AGAIN_MS);
        }
      }
    });
  }, [id, queries]);
  useEffect(() => {
    again.current = () => {
      if (dirty.current) keep();
    };
    return () => {
      again.current = () => undefined;
    };
  }, [keep]);

  const show = useCallback(
    (next: CueList) => {
      newest.current = next;
      setList(next);
      setDepth({ before: steps.current.before.length, after: steps.current.after.length });
      keep();
    },
    [keep],
  );
  const change = useCallback(
    (wanted: Change) => {
      const now = newest.current;
      if (!now) return;
      const next = typeof wanted === "function" ? wanted(now) : wanted;
      if (JSON.stringify(now) === JSON.stringify(next)) return;
      const { before } = steps.current;
      steps.current = { before: [...before.slice(-MOST_STEPS), now], after: [] };
      show(next);
    },
    [show],
  );
  const undo = useCallback(() => {
    const { before, after } = steps.current;
    const last = before.at(-1);
    const now = newest.current;
    if (!last || !now) return;
    steps.current = { before: before.slice(0, -1), after: [...after, now] };
    show(last);
  }, [show]);
  const redo = useCallback(() => {
    const { before, after } = steps.current;
    const next = after.at(-1);
    const now = newest.current;
    if (!next || !now) return;
    steps.current = { before: [...before, now], after: after.slice(0, -1) };
    show(next);
  }, [show]);
  const kept = useCallback(() => queue.current, []);
  const settle = useCallback(
    (by: "own" | "other") => {
      if (id === null) return;
      setStale(false);
      queue.current = queue.current.then(async () => {
        const now = await answer(api.GET("/api/cue-lists/{id}", { params: { path: { id } } }));
        revision.current = now.revision;
        if (by === "own") return;
        dirty.current = false;
        newest.current = now.list;
        setList(now.list);
        setKnown(now.known);
      });
      if (by === "own") keep();
    },
    [id, keep],
  );

  if (!list) return null;
  return {
    list,
    known: id === null ? (alone.data ?? NOTHING) : known,
    change,
    undo,
    redo,
    canUndo: depth.before > 0,
    canRedo: depth.after > 0,
    kept,
    stale,
    settle,
    problem: problem || (look.error?.message ?? alone.error?.message ?? ""),
  };
}
