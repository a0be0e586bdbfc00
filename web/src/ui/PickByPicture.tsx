import { type ReactNode, useEffect, useRef, useState } from "react";

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
  /** Nothing while they are fetched. */
  picks: readonly Pick[] | undefined;
  /** The key of the one that is taken already; empty for none. */
  taken: string;
  onPick: (key: string) => void;
  /** Puts on what is carried when a pick is dragged; nothing if it cannot be. */
  carry?: (key: string, data: DataTransfer) => void;
  /** Left without picking; where the keys go then is the caller's matter. */
  onClose: () => void;
}

/** Things chosen by their looks, with a search by name that has the keys at once. */
export function PickByPicture({ label, picks, taken, onPick, carry, onClose }: Props) {
  const [sought, setSought] = useState("");
  const wanted = sought.trim().toLowerCase().split(/\s+/);
  const found = (picks ?? []).filter(({ name, words }) => {
    const all = `${name} ${words}`.toLowerCase();
    return wanted.every((word) => all.includes(word));
  });
  const first = found[0]?.key;
  // Enter may be pressed before there is anything to pick from.
  const early = useRef(false);
  useEffect(() => {
    if (!early.current || !picks) return;
    early.current = false;
    if (first !== undefined) onPick(first);
  }, [picks, first, onPick]);
  return (
    <div
      className="mt-1 rounded border border-base-300 p-1.5"
      onKeyDown={(event) => {
        if (event.key !== "Escape") return;
        event.stopPropagation();
        onClose();
      }}
    >
      <input
        autoFocus
        type="search"
        aria-label={`Search: ${label}`}
        placeholder="Search"
        className="input input-xs w-full"
        value={sought}
        onChange={(event) => setSought(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== "Enter") return;
          if (!picks) early.current = true;
          else if (first !== undefined) onPick(first);
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
              title={name}
              draggable={carry !== undefined}
              onDragStart={(event) => carry?.(key, event.dataTransfer)}
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
      {found.length === 0 && (
        <p className="p-1 text-sm opacity-75">
          {picks ? "Nothing is called that." : "Fetching them…"}
        </p>
      )}
    </div>
  );
}
