import { useRef } from "react";
import { goHome } from "./home";

interface Props {
  label: string;
  name: string;
  longest: number;
  className: string;
  onChange: (name: string) => void;
}

/** A name that follows each letter. Escape brings back what stood there, Enter is done with it. */
export function NameInput({ label, name, longest, className, onChange }: Props) {
  const entered = useRef(name);
  return (
    <input
      type="text"
      aria-label={label}
      className={className}
      maxLength={longest}
      value={name}
      onFocus={() => {
        entered.current = name;
      }}
      onChange={(event) => onChange(event.target.value)}
      onKeyDown={(event) => {
        if (event.key !== "Escape" && event.key !== "Enter") return;
        event.preventDefault();
        if (event.key === "Escape" && name !== entered.current) onChange(entered.current);
        if (!goHome()) event.currentTarget.blur();
      }}
    />
  );
}
