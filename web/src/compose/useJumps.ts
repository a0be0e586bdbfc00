import { useEffect } from "react";

/**
 * Alt with Page Down goes to the next part of the unfolded sheet (words, place, paint, finish …),
 * with Page Up to the one before; from anywhere in the sheet, or from the stage to its first part.
 */
export function useJumps(): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!event.altKey || (event.key !== "PageDown" && event.key !== "PageUp")) return;
      const parts = [...document.querySelectorAll<HTMLElement>("[data-sheet] > fieldset")];
      if (parts.length === 0) return;
      event.preventDefault();
      const here = parts.findIndex((part) => part.contains(document.activeElement));
      const by = event.key === "PageDown" ? 1 : -1;
      const next = here < 0 ? (by > 0 ? 0 : parts.length - 1) : here + by;
      const part = parts[(next + parts.length) % parts.length];
      part?.querySelector<HTMLElement>("textarea, input, select, button")?.focus();
      part?.scrollIntoView({ block: "nearest" });
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
}
