import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { answer, api, type FollowedHouse, type House, type TouchedOverlay } from "../api/client";
import { change, decide, lookAgain, touchedBy } from "./proposal";
import { houseKey } from "./useHouse";

/** A change is looked into when the hand has rested for so long. */
const REST_MS = 500;

export interface Draft {
  /** The house as it is being changed. */
  house: House;
  edit: (next: (house: House) => House) => void;
  /** What the changes that are not made yet would touch; nothing while there are none. */
  touched: TouchedOverlay[] | null;
  problem: string;
  /** Shows what is touched before and after, where it is decided. */
  show: () => void;
  /** Leaves the house as it is. */
  leave: () => void;
  undo: () => void;
  redo: () => void;
}

/**
 * Changes of a house. What touches nothing is kept as soon as the hand rests; what touches
 * something waits until it was looked at.
 */
export function useDraft(packageId: number, followed: FollowedHouse): Draft {
  const queries = useQueryClient();
  const [draft, setDraft] = useState<HeldDraft>(null);
  const [touched, setTouched] = useState<TouchedOverlay[] | null>(null);
  const [problem, setProblem] = useState("");
  const newest = useRef(draft);
  const known = useRef(followed);
  useEffect(() => {
    newest.current = draft;
    known.current = followed;
  });
  const house = draft?.house ?? followed.house;
  const failed = useCallback(
    (e: unknown) => setProblem(e instanceof Error ? e.message : String(e)),
    [],
  );
  const look = useCallback(
    async (held: NonNullable<HeldDraft>) => {
      const { house, from } = held;
      const found = from.id === 0 ? [] : await touchedBy({ packageId, followed: from, house });
      if (newest.current !== held) return;
      setProblem("");
      if (found.length > 0) {
        setTouched(found);
        return;
      }
      await change({ packageId, followed: from, house, queries }, []);
      setTouched(null);
      setDraft((now) => rebased(now, held, queries.getQueryData(houseKey(packageId))));
    },
    [packageId, queries],
  );
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
  const go = (way: "undone" | "redone") => {
    setDraft(null);
    setTouched(null);
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
    problem,
    touched: draft ? touched : null,
    // Whoever waited for something else first changes what is there by then.
    edit: (next) =>
      setDraft((now) => ({
        house: next(now?.house ?? known.current.house),
        from: now?.from ?? known.current,
      })),
    show: () => {
      if (!draft || !touched) return;
      void decide({ packageId, followed: draft.from, house: draft.house, queries, touched }).then(
        (made) => {
          if (!made) return;
          setDraft(null);
          setTouched(null);
        },
      );
    },
    leave: () => {
      setDraft(null);
      setTouched(null);
      setProblem("");
      // It may have been changed from elsewhere.
      void queries.invalidateQueries({ queryKey: houseKey(packageId) });
    },
    undo: () => go("undone"),
    redo: () => go("redone"),
  };
}

type HeldDraft = { house: House; from: FollowedHouse } | null;

/** What was typed while a change was kept is based on that change. */
function rebased(now: HeldDraft, kept: HeldDraft, saved: FollowedHouse | undefined): HeldDraft {
  if (now === kept || !now || !saved) return null;
  return { house: now.house, from: saved };
}
