import { useEffect, useState } from "react";

/** A choice that the document has not followed by then was refused. */
const AHEAD_MS = 1200;

interface Props<T extends string | number> {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onChange: (value: T) => void;
  disabled?: boolean;
}

/** One of several words within a sentence. */
export function Choice<T extends string | number>(props: Props<T>) {
  const { label, value, options, onChange, disabled = false } = props;
  // What was chosen is shown until the document has followed, which may take a moment.
  const [ahead, setAhead] = useState<{ value: T; from: T } | null>(null);
  const shown = ahead && ahead.from === value ? ahead.value : value;
  const current = options.findIndex(([option]) => option === shown);
  useEffect(() => {
    if (!ahead) return;
    const timer = setTimeout(() => setAhead(null), AHEAD_MS);
    return () => clearTimeout(timer);
  }, [ahead]);
  return (
    <select
      aria-label={label}
      title={label}
      className="word max-w-full cursor-pointer pr-1 [&>option]:bg-base-100 [&>option]:text-base-content"
      value={current}
      disabled={disabled}
      onChange={(event) => {
        const option = options[Number(event.target.value)];
        if (!option) return;
        setAhead({ value: option[0], from: value });
        onChange(option[0]);
      }}
    >
      {options.map(([option, words], i) => (
        <option key={String(option)} value={i}>
          {words}
        </option>
      ))}
    </select>
  );
}
