import type { RowTrouble } from "../api/client";

interface Props {
  troubles: RowTrouble[];
  className?: string;
}

/** What keeps a row from being delivered. */
export function Troubles({ troubles, className = "" }: Props) {
  if (troubles.length === 0) return null;
  return (
    <ul className={`text-xs text-error ${className}`}>
      {troubles.map((trouble) => (
        <li key={trouble.column + trouble.sentence}>{trouble.sentence}</li>
      ))}
    </ul>
  );
}
