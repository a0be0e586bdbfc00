import { type ReactNode, useState } from "react";

export interface Pick {
  key: string;
  name: string;
  /** By which it is also found. */
  words: string;
  picture: ReactNode;
}

interface Props {
  /** What is picked, as in "Patterns". */
  label: string;
  picks: readonly Pick[];
  /** The key of the one that is taken already; empty for none. */
  taken: string;
  onPick: (key: string) => void;
}

/** Things chosen by their looks, with a search by name. */
export function PickByPicture({ label, picks, taken, onPick }: Props) {
  const [sought, setSought] = useState("");
  const wanted = sought.trim().toLowerCase().split(/\s+/);
  const found = picks.filter(({ name, words }) => {
    const all = `${name} ${words}`.toLowerCase();
    return wanted.every((word) => all.includes(word));
  });
  return (
    <div className="mt-1 rounded border border-base-300 p-1.5">
      <input
        type="search"
        aria-label={`Search: ${label}`}
        placeholder="Search"
        className="input input-xs w-full"
        value={sought}
        onChange={(event) => setSought(event.target.value)}
        onKeyDown={(event) => {
          const [first] = found;
          if (event.key === "Enter" && first) onPick(first.key);
        }}
      />
      <ul aria-label={label} className="mt-1.5 grid max-h-52 grid-cols-3 gap-1 overflow-y-auto">
        {found.map(({ key, name, picture }) => (
          <li key={key}>
            <button
              type="button"
              aria-pressed={key === taken}
              className={`w-full overflow-hidden rounded border text-xs leading-5 hover:border-primary ${
                key === taken ? "border-primary bg-primary/15" : "border-base-300"
              }`}
              onClick={() => onPick(key)}
            >
              <span className="flex h-12 items-center justify-center overflow-hidden">
                {picture}
              </span>
              <span className="block truncate px-0.5">{name}</span>
            </button>
          </li>
        ))}
      </ul>
      {found.length === 0 && <p className="p-1 text-sm opacity-75">Nothing is called that.</p>}
    </div>
  );
}
