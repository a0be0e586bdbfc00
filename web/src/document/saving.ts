import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import { answer, api, type Overlay, Refused, type SavedOverlay } from "../api/client";
import { useOverlay } from "./overlayStore";
import { same } from "./same";
import { isOpen, page, unsaved } from "./unsaved";

const REST_MS = 400;
/** However long the hand does not rest, no more than this is unsaved. */
const LONGEST_MS = 800;
const RETRY_MS = 4000;
const KEEP_MS = 150;

/** One save at a time: the next is based on the revision that the one before has made. */
let sending: Promise<void> = Promise.resolve();

/** The newest revision that this page has made of an overlay. */
const made = new Map<number, number>();

function save(): Promise<void> {
  const { id, overlay, revision } = useOverlay.getState();
  if (id !== null && overlay) sending = sending.then(() => send(id, overlay, revision));
  return sending;
}

/** A browser gives requests that outlive their page no more than 64 KiB together (Fetch, 4.6). */
const MOST_OUTLIVING_BYTES = 60_000;

/** Whether a request with this body may go on after the page was left; counted as it is sent. */
export function mayOutlive(body: unknown): boolean {
  return new TextEncoder().encode(JSON.stringify(body)).length < MOST_OUTLIVING_BYTES;
}

function put(id: number, basedOn: number, overlay: Overlay): Promise<SavedOverlay> {
  const body = { basedOn, overlay };
  return answer(
    api.PUT("/api/overlays/{id}", {
      params: { path: { id } },
      body,
      keepalive: mayOutlive(body),
    }),
  );
}

/**
 * A page that was left while it saved may have been answered by none, although it was saved: then
 * the other version is the one that was sent.
 */
async function saveAgain(id: number, overlay: Overlay, stale: Refused): Promise<SavedOverlay> {
  const newest = await answer(api.GET("/api/overlays/{id}", { params: { path: { id } } }));
  if (same(newest.overlay, overlay)) return newest;
  if (broughtBack && same(newest.overlay, broughtBack)) return put(id, newest.revision, overlay);
  throw stale;
}

async function send(id: number, overlay: Overlay, revision: number): Promise<void> {
  const before = useOverlay.getState();
  const open = () => useOverlay.getState().id === id;
  if (open() && before.saving.state === "saved" && before.overlay === overlay) return;
  if (open()) before.setSaving({ state: "saving" });
  try {
    const answered = await put(id, Math.max(revision, made.get(id) ?? 0), overlay).catch(
      (e: unknown) => {
        if (e instanceof Refused && e.status === 409) return saveAgain(id, overlay, e);
        throw e;
      },
    );
    made.set(id, answered.revision);
    if (open()) useOverlay.getState().saved(answered.revision, overlay);
    if (!open() || useOverlay.getState().saving.state === "saved") unsaved.forget(id);
  } catch (e) {
    const sentence = e instanceof Error ? e.message : String(e);
    const stale = e instanceof Refused && e.status === 409;
    if (open()) {
      useOverlay.getState().setSaving({ state: stale ? "stale" : "failed", sentence });
    }
  }
}

/** What was found unsaved in the browser when the overlay was opened. */
let broughtBack: Overlay | null = null;

/** Opens an overlay with what was changed on a page that has gone before it was saved. */
export async function openSaved(saved: SavedOverlay): Promise<void> {
  const left = unsaved.find(saved.id);
  const { open } = useOverlay.getState();
  if (!left || same(left.overlay, saved.overlay) || (await isOpen(left.page))) {
    broughtBack = null;
    open(saved);
    return;
  }
  broughtBack = left.overlay;
  if (left.revision >= saved.revision) {
    open(saved);
    useOverlay.getState().change(() => left.overlay, "What had not been saved");
    return;
  }
  open({ ...saved, revision: left.revision, overlay: left.overlay });
  useOverlay.getState().setSaving({
    state: "stale",
    sentence:
      "You see what you changed here before it could be saved. Since then the overlay was saved from elsewhere.",
  });
}

function keepUnsaved(): void {
  const { id, overlay, revision, saving } = useOverlay.getState();
  if (id !== null && overlay && saving.state !== "saved") {
    unsaved.keep(id, { revision: Math.max(revision, made.get(id) ?? 0), overlay, page });
  }
}

/** Keeps each change in the browser until the server has it. */
function useKeeping(): void {
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const changed = useOverlay.subscribe((state, before) => {
      if (state.overlay === before.overlay || state.saving.state === "saved") return;
      timer ??= setTimeout(() => {
        timer = undefined;
        keepUnsaved();
      }, KEEP_MS);
    });
    const ask = (leaving: BeforeUnloadEvent) => {
      keepUnsaved();
      if (useOverlay.getState().saving.state !== "saved") leaving.preventDefault();
    };
    window.addEventListener("beforeunload", ask);
    return () => {
      changed();
      clearTimeout(timer);
      window.removeEventListener("beforeunload", ask);
    };
  }, []);
}

/** Saves by itself as soon as the hand rests, and at the latest when the page is left. */
export function useSaving(): void {
  useKeeping();
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
  if (keepMine) {
    rebase(newest.revision);
  } else {
    unsaved.forget(id);
    open(newest);
  }
}
