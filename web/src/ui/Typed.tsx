import { useState } from "react";
import { goHome } from "./home";

interface Props {
  label: string;
  value: string;
  longest: number;
  placeholder?: string;
  className?: string;
  /** Whether nothing may stand there. */
  mayBeEmpty?: boolean;
  onTake: (value: string) => void;
}

/** Words that are taken as a whole: with Enter, or when the field is left. Escape gives up. */
export function Typed(props: Props) {
  const { label, value, longest, placeholder, className = "word", mayBeEmpty, onTake } = props;
  const [draft, setDraft] = useState<string | null>(null);
  const take = () => {
    if (draft === null) return;
    setDraft(null);
    const typed = draft.trim();
    if (typed !== value && (typed !== "" || mayBeEmpty)) onTake(typed);
  };
  return (
    <input
      type="text"
      aria-label={label}
      title={label}
      className={className}
      maxLength={longest}
      placeholder={placeholder}
      value={draft ?? value}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={take}
      onKeyDown={(event) => {
        if (event.key === "Enter") take();
        else if (event.key === "Escape") setDraft(null);
        else return;
        event.stopPropagation();
        if (!goHome()) event.currentTarget.blur();
      }}
    />
  );
}
