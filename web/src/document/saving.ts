import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import { answer, api } from "../api/client";
import { useOverlay } from "./overlayStore";
import { createSaver } from "./saver";
import { isOpen, page, unsaved } from "./unsaved";

const REST_MS = 400;
/** However long the hand does not rest, no more than this is unsaved. */
const LONGEST_MS = 800;
const RETRY_MS = 4000;
const KEEP_MS = 150;
const PAUSE_MS = 100;

/** A browser gives requests that outlive their page no more than 64 KiB together (Fetch, 4.6). */
const MOST_OUTLIVING_BYTES = 60_000;

/** Whether a request with this body may go on after the page was left; counted as it is sent. */
export function mayOutlive(body: unknown): boolean {
  return new TextEncoder().encode(JSON.stringify(body)).length < MOST_OUTLIVING_BYTES;
}

const saver = createSaver({
  opened: useOverlay.getState,
  put: (id, basedOn, overlay) => {
    const body = { basedOn, overlay };
    const keepalive = mayOutlive(body);
    return answer(api.PUT("/api/overlays/{id}", { params: { path: { id } }, body, keepalive }));
  },
  get: (id) => answer(api.GET("/api/overlays/{id}", { params: { path: { id } } })),
  unsaved,
  page,
  isOpen,
  pause: () => new Promise((done) => setTimeout(done, PAUSE_MS)),
});

export const { openSaved, savedNow, settleStale } = saver;

/** Keeps each change in the browser until the server has it. */
function useKeeping(): void {
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const changed = useOverlay.subscribe((state, before) => {
      if (state.overlay === before.overlay || state.saving.state === "saved") return;
      timer ??= setTimeout(() => {
        timer = undefined;
        saver.keepUnsaved();
      }, KEEP_MS);
    });
    const ask = (leaving: BeforeUnloadEvent) => {
      saver.keepUnsaved();
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
    const timer = setTimeout(() => void saver.save(), wait);
    return () => clearTimeout(timer);
  }, [saving, overlay, queries]);
  useEffect(() => {
    const leave = () => {
      if (useOverlay.getState().saving.state === "unsaved") void saver.save();
    };
    window.addEventListener("pagehide", leave);
    return () => {
      window.removeEventListener("pagehide", leave);
      leave();
    };
  }, []);
}
