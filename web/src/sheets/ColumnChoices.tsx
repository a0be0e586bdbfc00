interface Props {
  id: string;
  columns: readonly string[];
  /** The one that Enter takes. */
  marked: number;
  onTake: (column: string) => void;
}

/** Columns of rosters that an open brace may mean, beneath the words. */
export function ColumnChoices({ id, columns, marked, onTake }: Props) {
  return (
    <ul
      id={id}
      role="listbox"
      aria-label="Columns of rosters"
      className="mb-1 max-h-40 overflow-y-auto rounded-sm border border-base-300 bg-base-100 text-sm"
    >
      {columns.map((column, i) => (
        <li
          key={column}
          id={`${id}-${i}`}
          role="option"
          aria-selected={i === marked}
          className={`cursor-pointer px-2 py-0.5 ${i === marked ? "bg-primary text-primary-content" : ""}`}
          onPointerDown={(event) => event.preventDefault()}
          onClick={() => onTake(column)}
        >
          {column}
        </li>
      ))}
    </ul>
  );
}
