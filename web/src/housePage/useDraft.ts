import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { answer, api, type FollowedHouse, type House, type TouchedOverlay } from "../api/client";
import type { Looks } from "../house/looks";
import { change, decide, lookAgain, looksOf, touchedBy } from "../house/proposal";
import { houseKey } from "../house/useHouse";
import { useAsking } from "../ui/useAsking";

/** A change is looked into when the hand has rested for so long. */
const REST_MS = 500;

export interface Draft {
  /** The house as it is being changed. */
  house: House;
  edit: (next: (house: House) => House) => void;
  /** Whether there are changes that are not made yet. */
  begun: boolean;
  /** What the changes that are not made yet would touch; nothing while there are none. */
  touched: TouchedOverlay[] | null;
  /** Why the changes could not be looked into or made; empty while they could. */
  problem: string;
  /** Looks into the changes again. */
  tryAgain: () => void;
  /** Shows what is touched before and after, where it is decided. */
  show: () => void;
  /** Leaves the house as it is. */
  leave: () => void;
  /** Takes back the last of the changes that are not made yet; without any, the last one made. */
  undo: () => void;
  /** Makes again what was taken back last; nothing while there are changes that are not made. */
  redo: () => void;
}

/**
 * Changes of a house. What touches nothing is kept as soon as the hand rests; what touches
 * something waits until it was looked at.
 */
export function useDraft(packageId: number, followed: FollowedHouse): Draft {
  const queries = useQueryClient();
  const [draft, setDraft] = useState<HeldDraft>(null);
  const [found, setFound] = useState<Found>(null);
  const [problem, setProblem] = useState("");
  const newest = useRef(draft);
  const known = useRef(followed);
  useEffect(() => {
    newest.current = draft;
    known.current = followed;
  });
  const house = draft?.house ?? followed.house;
  useAsking(draft !== null);
  const failed = useCallback(
    (e: unknown) => setProblem(e instanceof Error ? e.message : String(e)),
    [],
  );
  const lookInto = useCallback(
    async (held: NonNullable<HeldDraft>): Promise<Found> => {
      const { house, from } = held;
      const touched = from.id === 0 ? [] : await touchedBy({ packageId, followed: from, house });
      if (newest.current !== held) return null;
      setProblem("");
      if (touched.length > 0) {
        const now = { held, touched, looks: looksOf({ packageId, house }, touched) };
        setFound(now);
        return now;
      }
      await change({ packageId, followed: from, house, queries }, []);
      setFound(null);
      setDraft((now) => rebased(now, held, queries.getQueryData(houseKey(packageId))));
      return null;
    },
    [packageId, queries],
  );
  /** The draft that was looked into last: whoever asks for the same is given the same. */
  const last = useRef<{ held: HeldDraft; found: Promise<Found> } | null>(null);
  const look = useCallback(
    (held: NonNullable<HeldDraft>): Promise<Found> => {
      if (last.current?.held === held) return last.current.found;
      const mine = { held, found: lookInto(held) };
      last.current = mine;
      mine.found.catch(() => {
        if (last.current === mine) last.current = null;
      });
      return mine.found;
    },
    [lookInto],
  );
  // Nobody will look at what was drawn for a change that is no longer wanted.
  useEffect(() => {
    if (found && found.held !== draft) found.looks.stop();
  }, [found, draft]);
  useEffect(() => () => found?.looks.stop(), [found]);
  const resting = useRef(false);
  useEffect(() => {
    if (!draft) return;
    resting.current = true;
    const timer = setTimeout(() => {
      resting.current = false;
      look(draft).catch(failed);
    }, REST_MS);
    return () => clearTimeout(timer);
  }, [draft, look, failed]);
  // Who leaves before the hand has rested loses nothing that would have been kept then.
  useEffect(
    () => () => {
      if (newest.current && resting.current) look(newest.current).catch(() => undefined);
    },
    [look],
  );
  const decideOn = async (held: NonNullable<HeldDraft>) => {
    let asFound = await look(held);
    if (asFound?.looks.stopped()) {
      // It was looked at before, and left.
      last.current = null;
      asFound = await look(held);
    }
    if (!asFound) return;
    const { touched, looks } = asFound;
    const { from, house } = held;
    if (await decide({ packageId, followed: from, house, queries, touched, looks })) {
      setDraft(null);
      setFound(null);
    }
  };
  const go = (way: "undone" | "redone") => {
    setProblem("");
    const params = { path: { id: packageId } };
    const call =
      way === "undone"
        ? api.POST("/api/packages/{id}/house/undone", { params })
        : api.POST("/api/packages/{id}/house/redone", { params });
    answer(call)
      .then(async (now) => {
        queries.setQueryData(houseKey(packageId), now);
        await lookAgain(queries);
      })
      .catch(failed);
  };
  return {
    house,
    begun: draft !== null,
    problem,
    touched: draft && found ? found.touched : null,
    // Whoever waited for something else first changes what is there by then.
    edit: (next) => {
      // What a hand does without resting is one change.
      const goesOn = resting.current;
      setDraft((now) => ({
        house: next(now?.house ?? known.current.house),
        from: now?.from ?? known.current,
        before: goesOn ? (now?.before ?? null) : now,
      }));
    },
    tryAgain: () => {
      if (draft) look(draft).catch(failed);
    },
    show: () => {
      if (draft) decideOn(draft).catch(failed);
    },
    leave: () => {
      setDraft(null);
      setFound(null);
      setProblem("");
      // It may have been changed from elsewhere.
      void queries.invalidateQueries({ queryKey: houseKey(packageId) });
    },
    undo: () => {
      if (!draft) {
        go("undone");
        return;
      }
      setDraft(draft.before);
      setFound(null);
      setProblem("");
    },
    redo: () => {
      if (!draft) go("redone");
    },
  };
}

/** What a draft that was looked into touches. */
type Found = { held: NonNullable<HeldDraft>; touched: TouchedOverlay[]; looks: Looks } | null;

/** Changes that are not made yet, and those that there were before the last of them. */
type HeldDraft = { house: House; from: FollowedHouse; before: HeldDraft } | null;

/** What was typed while a change was kept is based on that change. */
function rebased(now: HeldDraft, kept: HeldDraft, saved: FollowedHouse | undefined): HeldDraft {
  if (now === kept || !now || !saved) return null;
  return { house: now.house, from: saved, before: null };
}
