import { useState } from "react";

interface Props {
  label: string;
  name: string;
  onTake: (name: string) => void;
  onGiveUp: () => void;
}

/** A name typed in place: Enter or leaving takes it, Escape gives up. */
export function NameField({ label, name, onTake, onGiveUp }: Props) {
  const [typed, setTyped] = useState(name);
  const take = () => {
    if (typed.trim() === "" || typed.trim() === name) onGiveUp();
    else onTake(typed.trim());
  };
  return (
    <input
      autoFocus
      aria-label={label}
      className="input input-sm min-w-0 flex-1"
      maxLength={120}
      value={typed}
      onChange={(event) => setTyped(event.target.value)}
      onFocus={(event) => event.target.select()}
      onBlur={take}
      onKeyDown={(event) => {
        if (event.key === "Enter") take();
        if (event.key === "Escape") onGiveUp();
      }}
    />
  );
}
