import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import { answer, api, type Overlay, Refused } from "../api/client";
import { useOverlay } from "./overlayStore";

const REST_MS = 400;
/** However long the hand does not rest, no more than this is unsaved. */
const LONGEST_MS = 800;
const RETRY_MS = 4000;

/** One save at a time: the next is based on the revision that the one before has made. */
let sending: Promise<void> = Promise.resolve();

/** The newest revision that this page has made of an overlay. */
const made = new Map<number, number>();

function save(): Promise<void> {
  const { id, overlay, revision } = useOverlay.getState();
  if (id !== null && overlay) sending = sending.then(() => send(id, overlay, revision));
  return sending;
}

async function send(id: number, overlay: Overlay, revision: number): Promise<void> {
  const before = useOverlay.getState();
  const open = () => useOverlay.getState().id === id;
  if (open() && before.saving.state === "saved" && before.overlay === overlay) return;
  if (open()) before.setSaving({ state: "saving" });
  try {
    const answered = await answer(
      api.PUT("/api/overlays/{id}", {
        params: { path: { id } },
        body: { basedOn: Math.max(revision, made.get(id) ?? 0), overlay },
        keepalive: JSON.stringify(overlay).length < 60_000,
      }),
    );
    made.set(id, answered.revision);
    if (open()) useOverlay.getState().saved(answered.revision, overlay);
  } catch (e) {
    const sentence = e instanceof Error ? e.message : String(e);
    const stale = e instanceof Refused && e.status === 409;
    if (open()) {
      useOverlay.getState().setSaving({ state: stale ? "stale" : "failed", sentence });
    }
  }
}

/** Saves by itself as soon as the hand rests, and at the latest when the page is left. */
export function useSaving(): void {
  const saving = useOverlay((state) => state.saving);
  const overlay = useOverlay((state) => state.overlay);
  const queries = useQueryClient();
  const unsavedSince = useRef(0);
  useEffect(() => {
    if (saving.state === "saved") void queries.invalidateQueries({ queryKey: ["overlays"] });
    if (saving.state !== "unsaved" && saving.state !== "failed") {
      unsavedSince.current = 0;
      return;
    }
    const now = performance.now();
    unsavedSince.current ||= now;
    const left = Math.max(0, unsavedSince.current + LONGEST_MS - now);
    const wait = saving.state === "unsaved" ? Math.min(REST_MS, left) : RETRY_MS;
    const timer = setTimeout(() => void save(), wait);
    return () => clearTimeout(timer);
  }, [saving, overlay, queries]);
  useEffect(() => {
    const leave = () => {
      if (useOverlay.getState().saving.state === "unsaved") void save();
    };
    window.addEventListener("pagehide", leave);
    return () => {
      window.removeEventListener("pagehide", leave);
      leave();
    };
  }, []);
}

/** Waits until the document is saved; false if it cannot be. */
export async function savedNow(): Promise<boolean> {
  for (let tries = 0; tries < 50; tries++) {
    const { saving } = useOverlay.getState();
    if (saving.state === "saved") return true;
    if (saving.state === "stale" || saving.state === "failed") return false;
    if (saving.state === "unsaved") await save();
    else await new Promise((done) => setTimeout(done, 100));
  }
  return false;
}

/** After a stale save: takes the other version, or saves this one over it. */
export async function settleStale(keepMine: boolean): Promise<void> {
  const { id, open, rebase } = useOverlay.getState();
  if (id === null) return;
  const newest = await answer(api.GET("/api/overlays/{id}", { params: { path: { id } } }));
  if (keepMine) rebase(newest.revision);
  else open(newest);
}
