import type { ReactNode } from "react";
import type { DrawnStarter } from "../api/client";

interface Props {
  starters: readonly DrawnStarter[];
  /** The chosen one's name; empty for an empty overlay. */
  chosen: string;
  onChoose: (starter: DrawnStarter | null) => void;
}

/** What an overlay begins with, chosen by its looks: nothing, or one of the starters. */
export function StarterChoice({ starters, chosen, onChoose }: Props) {
  return (
    <div
      role="radiogroup"
      aria-label="Begin with"
      className="flex gap-2 overflow-x-auto px-6 pb-3 pt-1"
    >
      <Choice
        name="Nothing yet"
        about="An empty frame"
        on={chosen === ""}
        onChoose={() => onChoose(null)}
      >
        <span className="opacity-70">empty</span>
      </Choice>
      {starters.map((starter) => (
        <Choice
          key={starter.overlay.name}
          name={starter.overlay.name}
          about={starter.about}
          on={chosen === starter.overlay.name}
          onChoose={() => onChoose(starter)}
        >
          <img src={starter.picture} alt="" className="max-h-full max-w-full" />
        </Choice>
      ))}
    </div>
  );
}

interface ChoiceProps {
  name: string;
  about: string;
  on: boolean;
  onChoose: () => void;
  children: ReactNode;
}

function Choice({ name, about, on, onChoose, children }: ChoiceProps) {
  return (
    <div className="shrink-0">
      <button
        type="button"
        role="radio"
        aria-checked={on}
        title={about}
        onClick={onChoose}
        className={`block w-34 rounded-box border p-1.5 text-left text-xs leading-tight ${
          on ? "border-primary bg-primary/10" : "border-base-300 bg-base-100 hover:border-primary"
        }`}
      >
        <span className="checker mb-1 flex h-16 items-center justify-center overflow-hidden rounded-sm text-white">
          {children}
        </span>
        <span className="block truncate font-medium">{name}</span>
      </button>
    </div>
  );
}
