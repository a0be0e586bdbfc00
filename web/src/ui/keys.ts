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

/** Inputs that are no fields of text. */
const NOT_TYPED = /^(button|checkbox|color|file|radio|range|reset|submit)$/;

/**
 * Whether a field with the focus takes the key. Where text is typed it takes all; a list to choose
 * from and a slider leave undoing and the like to the page.
 */
function forField(event: KeyboardEvent): boolean {
  const { target } = event;
  if (!(target instanceof HTMLElement)) return false;
  const list = target instanceof HTMLSelectElement;
  if (list || (target instanceof HTMLInputElement && NOT_TYPED.test(target.type))) {
    // Alt with an arrow opens a list.
    return !event.ctrlKey && !event.metaKey && !(event.altKey && event.key.length === 1);
  }
  return target.isContentEditable || /^(INPUT|TEXTAREA)$/.test(target.tagName);
}

const CONTROLS =
  "button, a, summary, [role=menuitem], [role=option], [role=tab], [role=radio], [role=slider], [role=switch]";

/**
 * Whether a control that has the focus takes the key: it is pressed by Enter and the space bar, and
 * whoever types letters there meant something else than the stage.
 */
function forControl(event: KeyboardEvent): boolean {
  const plain = !event.ctrlKey && !event.metaKey && !event.altKey;
  const taken = event.key === "Enter" || (plain && event.key.length === 1);
  return taken && event.target instanceof Element && event.target.closest(CONTROLS) !== null;
}

/** Listens for keys anywhere on the page, except those that a field or a control with the focus takes. */
export function useKeys(keys: Keys): void {
  const newest = useRef(keys);
  useEffect(() => {
    newest.current = keys;
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.defaultPrevented || forField(event) || forControl(event)) return;
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
