import { useEffect } from "react";
import { useOverlay } from "../document/overlayStore";
import { say } from "../ui/said";

/** What the core arranges for a key is there by then. */
const OF_A_KEY_MS = 1500;

/** Says what keys did to the document: the hand may have met one without meaning to. */
export function useSignOfKeys(): void {
  useEffect(() => {
    let pressedAt = -Infinity;
    const onKey = (event: KeyboardEvent) => {
      const typing =
        event.target instanceof Element && event.target.closest("input, textarea, select, dialog");
      if (!typing && event.key !== "Shift" && event.key !== "Control") {
        pressedAt = performance.now();
      }
    };
    window.addEventListener("keydown", onKey, true);
    const stop = useOverlay.subscribe((now, before) => {
      if (now.past === before.past || now.id !== before.id) return;
      if (performance.now() - pressedAt > OF_A_KEY_MS) return;
      const undone = now.future.length > before.future.length ? now.future[0] : undefined;
      const redone = before.future.some((step) => step.overlay === now.overlay);
      const did = now.past.at(-1)?.did ?? "";
      if (undone) say(`Undone: ${undone.did}.`);
      else if (redone) say(`Redone: ${did}.`);
      else say(`Done: ${did}. Ctrl Z takes it back.`);
    });
    return () => {
      window.removeEventListener("keydown", onKey, true);
      stop();
    };
  }, []);
}
