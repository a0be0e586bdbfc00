interface Props<T extends string> {
  label: string;
  names: readonly T[];
  chosen: T;
  onChoose: (name: T) => void;
  size?: "btn-xs" | "btn-sm";
  className?: string;
}

/** Ways of looking of which one is shown. */
export function Tabs<T extends string>(props: Props<T>) {
  const { label, names, chosen, onChoose, size = "btn-xs", className = "" } = props;
  return (
    <div role="tablist" aria-label={label} className={`join shrink-0 ${className}`}>
      {names.map((name) => (
        <button
          key={name}
          type="button"
          role="tab"
          aria-selected={chosen === name}
          className={`btn join-item ${size} ${chosen === name ? "btn-primary" : ""}`}
          onClick={() => onChoose(name)}
        >
          {name}
        </button>
      ))}
    </div>
  );
}
