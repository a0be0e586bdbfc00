import { useState } from "react";
import { flushSync } from "react-dom";
import { goHome } from "./home";

interface Props {
  label: string;
  value: string;
  longest: number;
  placeholder?: string;
  className?: string;
  /** The id of a list of what may be meant. */
  list?: string;
  /** Whether nothing may stand there. */
  mayBeEmpty?: boolean;
  onTake: (value: string) => void;
}

/** Words that are taken as a whole: with Enter, or when the field is left. Escape gives up. */
export function Typed(props: Props) {
  const { label, value, longest, placeholder, className = "word", list, mayBeEmpty } = props;
  const [draft, setDraft] = useState<string | null>(null);
  const take = () => {
    if (draft === null) return;
    setDraft(null);
    const typed = draft.trim();
    if (typed !== value && (typed !== "" || mayBeEmpty)) props.onTake(typed);
  };
  return (
    <input
      type="text"
      aria-label={label}
      title={label}
      className={className}
      maxLength={longest}
      placeholder={placeholder}
      list={list}
      value={draft ?? value}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={take}
      onKeyDown={(event) => {
        // Before the field is left, which takes what was typed.
        if (event.key === "Enter") flushSync(take);
        else if (event.key === "Escape") flushSync(() => setDraft(null));
        else return;
        event.stopPropagation();
        if (!goHome()) event.currentTarget.blur();
      }}
    />
  );
}
