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
  const current = options.findIndex(([option]) => option === value);
  return (
    <select
      aria-label={label}
      title={label}
      className="word max-w-full cursor-pointer pr-1 [&>option]:bg-base-100 [&>option]:text-base-content"
      value={current}
      disabled={disabled}
      onChange={(event) => {
        const option = options[Number(event.target.value)];
        if (option) onChange(option[0]);
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
