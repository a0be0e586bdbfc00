import { useEffect, useRef } from "react";

/** Actions by key: "?", "Shift+ArrowUp", "Mod+z" (Mod is Ctrl, or Command on a Mac). */
export type Keys = Record<string, (event: KeyboardEvent) => void>;

function nameOf(event: KeyboardEvent): string {
  const parts: string[] = [];
  if (event.ctrlKey || event.metaKey) parts.push("Mod");
  if (event.altKey) parts.push("Alt");
  // A sign that needs Shift to be typed is named by itself.
  const sign = event.key.length === 1 && event.key.toLowerCase() === event.key.toUpperCase();
  if (event.shiftKey && !sign) parts.push("Shift");
  parts.push(event.key.length === 1 ? event.key.toLowerCase() : event.key);
  return parts.join("+");
}

function typing(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
  );
}

/** What has the focus is pressed by these itself. */
function pressing(event: KeyboardEvent): boolean {
  return (
    (event.key === "Enter" || event.key === " ") &&
    event.target instanceof HTMLElement &&
    /^(BUTTON|A|SUMMARY)$/.test(event.target.tagName)
  );
}

/** Listens for keys anywhere on the page, except while something is being typed. */
export function useKeys(keys: Keys): void {
  const newest = useRef(keys);
  useEffect(() => {
    newest.current = keys;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented || typing(event.target) || pressing(event)) return;
      if (document.querySelector("dialog[open]")) return;
      const action = newest.current[nameOf(event)];
      if (action) {
        event.preventDefault();
        action(event);
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
}
