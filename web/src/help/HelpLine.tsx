import { type RefObject, useEffect, useState } from "react";
import { helpOf } from "./sentences";

const ID = "help-line";

interface Props {
  /** Whose values it tells of. */
  of: RefObject<HTMLElement | null>;
}

/** The value that an element belongs to. */
function valueAt(target: EventTarget | null): HTMLElement | null {
  return target instanceof Element
    ? target.closest<HTMLElement>("[data-sheet] :is(input, select, textarea, button)[aria-label]")
    : null;
}

/** What the value under the pointer does, or else the one that has the focus. */
export function HelpLine({ of }: Props) {
  const [pointed, setPointed] = useState("");
  const [focused, setFocused] = useState("");
  useEffect(() => {
    const within = of.current;
    if (!within) return;
    const labelOf = (event: Event) => valueAt(event.target)?.getAttribute("aria-label") ?? "";
    const over = (event: Event) => setPointed(labelOf(event));
    const out = () => setPointed("");
    const focus = (event: Event) => {
      const label = labelOf(event);
      setFocused(label);
      if (label && helpOf(label)) valueAt(event.target)?.setAttribute("aria-describedby", ID);
    };
    const blur = (event: Event) => {
      setFocused("");
      const left = valueAt(event.target);
      if (left?.getAttribute("aria-describedby") === ID) left.removeAttribute("aria-describedby");
    };
    within.addEventListener("pointerover", over);
    within.addEventListener("pointerleave", out);
    within.addEventListener("focusin", focus);
    within.addEventListener("focusout", blur);
    return () => {
      within.removeEventListener("pointerover", over);
      within.removeEventListener("pointerleave", out);
      within.removeEventListener("focusin", focus);
      within.removeEventListener("focusout", blur);
    };
  }, [of]);
  const said = helpOf(pointed) ?? helpOf(focused);
  return (
    <p
      id={ID}
      className="h-11 shrink-0 overflow-hidden border-t border-base-300 px-3 py-1 text-xs leading-snug"
    >
      {said ?? <span className="opacity-75">Point at a value to read what it does.</span>}
    </p>
  );
}
