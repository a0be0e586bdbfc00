import { type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import { flushSync } from "react-dom";
import { goHome } from "./home";
import { reckon } from "./reckon";
import { say } from "./said";

interface Props {
  label: string;
  value: number;
  onChange: (value: number) => void;
  least?: number;
  most?: number;
  step?: number;
  /** Digits shown after the point. */
  digits?: number;
  unit?: string;
  /** Whether a value typed is given even if it is the one shown, which may be about to change. */
  always?: boolean;
}

const DRAG_STARTS_AT = 3;
const PIXELS_PER_STEP = 2;

function shown(value: number, digits: number): string {
  return String(Number(value.toFixed(digits)));
}

/**
 * A number within a sentence: typed (as a sum too), stepped with the arrows, or dragged sideways.
 * Escape brings back what stood there when the field was entered; what cannot be read is said.
 */
export function NumberField(props: Props) {
  const { label, value, onChange, least = -1e5, most = 1e5, step = 1, digits = 1, unit } = props;
  const { always = false } = props;
  const [draft, setDraft] = useState<string | null>(null);
  const drag = useRef<{ x: number; from: number; moved: boolean } | null>(null);
  const entered = useRef(value);
  const text = draft ?? shown(value, digits);

  const give = (wanted: number, typed = false) => {
    const limited = Math.min(most, Math.max(least, wanted));
    const tidy = Number(limited.toFixed(Math.max(digits, 3)));
    if (tidy !== value || (typed && always)) onChange(tidy);
    if (typed && limited !== wanted) {
      say(`${label}: ${wanted < least ? "no less" : "no more"} than ${shown(limited, digits)}.`);
    }
  };
  /** Whether it could be read. */
  const take = (typed: string): boolean => {
    const read = reckon(typed, unit ?? "", value);
    if ("number" in read) {
      setDraft(null);
      give(read.number, true);
      return true;
    }
    say(
      typed.trim() === ""
        ? `${label} stays ${shown(value, digits)}: nothing was typed.`
        : `${label} stays ${shown(value, digits)}: ${read.problem}.`,
    );
    return false;
  };
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === "ArrowUp" || event.key === "ArrowDown") {
      event.preventDefault();
      const times = (event.key === "ArrowUp" ? 1 : -1) * (event.shiftKey ? 10 : 1);
      setDraft(null);
      give(value + times * step);
    } else if (event.key === "Enter") {
      // Taking the value is all that is meant, even in a form that Enter would send off.
      event.preventDefault();
      const field = event.currentTarget;
      // Before the field is left, which would take it once more.
      if (!flushSync(() => take(field.value))) field.select();
      else if (field.closest("dialog") || !goHome()) field.select();
    } else if (event.key === "Escape") {
      // Before the field is left: leaving takes what was typed.
      flushSync(() => setDraft(null));
      if (value !== entered.current) onChange(entered.current);
      if (!goHome()) event.currentTarget.blur();
    }
  };
  const onPointerDown = (event: PointerEvent<HTMLInputElement>) => {
    if (document.activeElement === event.currentTarget || event.button !== 0) return;
    event.preventDefault();
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = { x: event.clientX, from: value, moved: false };
  };
  const onPointerMove = (event: PointerEvent<HTMLInputElement>) => {
    if (!drag.current) return;
    const across = event.clientX - drag.current.x;
    if (Math.abs(across) >= DRAG_STARTS_AT) drag.current.moved = true;
    if (drag.current.moved) give(drag.current.from + Math.round(across / PIXELS_PER_STEP) * step);
  };
  const onPointerUp = (event: PointerEvent<HTMLInputElement>) => {
    if (drag.current && !drag.current.moved) {
      event.currentTarget.focus();
      event.currentTarget.select();
    }
    drag.current = null;
  };
  return (
    <span className="whitespace-nowrap">
      <input
        type="text"
        inputMode="decimal"
        role="spinbutton"
        aria-label={label}
        aria-valuenow={value}
        title={label}
        className="word cursor-ew-resize text-center focus:cursor-text"
        style={{ width: `${Math.max(2, text.length) + 1.2}ch` }}
        value={text}
        onChange={(event) => setDraft(event.target.value)}
        onFocus={(event) => {
          entered.current = value;
          event.currentTarget.select();
        }}
        onBlur={(event) => {
          if (draft !== null && !take(event.target.value)) setDraft(null);
        }}
        onKeyDown={onKeyDown}
        onPointerDown={onPointerDown}
        onPointerMove={onPointerMove}
        onPointerUp={onPointerUp}
      />
      {unit}
    </span>
  );
}
