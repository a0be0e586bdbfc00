import { useEffect, useRef, useState } from "react";
import { flushSync } from "react-dom";
import { answer, api, type TimeBase } from "../api/client";
import { goHome } from "../ui/home";
import { say } from "../ui/said";
import { rateOf, seconds, timecode } from "./timecode";

interface Props {
  label: string;
  /** In pictures. */
  value: number;
  base: TimeBase;
  kind: "POINT" | "LENGTH";
  onChange: (pictures: number) => void;
}

/**
 * A time within a sentence, typed as timecode, seconds or frames, or stepped with the arrows: by a
 * picture, with Shift by a second. The core reads what was typed.
 */
export function TimeField({ label, value, base, kind, onChange }: Props) {
  const [draft, setDraft] = useState<string | null>(null);
  // What was typed is read elsewhere; by then other things may have been changed.
  const newest = useRef(onChange);
  useEffect(() => {
    newest.current = onChange;
  });
  const shown = kind === "POINT" ? timecode(value, base) : seconds(value, base);
  const text = draft ?? shown;
  const take = async (words: string): Promise<void> => {
    setDraft(null);
    if (words.trim() === "" || words === shown) return;
    try {
      const { pictures } = await answer(
        api.POST("/api/cue-times", { body: { words, kind, base } }),
      );
      newest.current(pictures);
    } catch (e) {
      say(`${label} stays ${shown}. ${e instanceof Error ? e.message : String(e)}`);
    }
  };
  return (
    <input
      type="text"
      aria-label={label}
      title={label}
      className="word text-center focus:cursor-text"
      style={{ width: `${Math.max(3, text.length) + 1.2}ch` }}
      value={text}
      onChange={(event) => setDraft(event.target.value)}
      onFocus={(event) => event.currentTarget.select()}
      onBlur={(event) => {
        if (draft !== null) void take(event.target.value);
      }}
      onKeyDown={(event) => {
        if (event.key === "ArrowUp" || event.key === "ArrowDown") {
          event.preventDefault();
          const step = event.shiftKey ? Math.round(rateOf(base)) : 1;
          setDraft(null);
          onChange(
            Math.max(kind === "POINT" ? 0 : 1, value + (event.key === "ArrowUp" ? step : -step)),
          );
        } else if (event.key === "Enter") {
          event.preventDefault();
          const words = event.currentTarget.value;
          // Before the field is left, which would take it once more.
          flushSync(() => setDraft(null));
          void take(words);
          if (!goHome()) event.currentTarget.select();
        } else if (event.key === "Escape") {
          flushSync(() => setDraft(null));
          if (!goHome()) event.currentTarget.blur();
        }
      }}
    />
  );
}
