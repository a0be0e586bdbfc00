import { useQueryClient } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { answer, api, type DrawnStarter } from "../api/client";
import { TakeAway } from "../ui/TakeAway";
import { keyOf } from "./useStarters";

interface Props {
  packageId: number;
  starters: readonly DrawnStarter[];
  /** The chosen one's key; empty for an empty overlay. */
  chosen: string;
  onChoose: (starter: DrawnStarter | null) => void;
}

/** What an overlay begins with, chosen by its looks: nothing, or one of the starters. */
export function StarterChoice({ packageId, starters, chosen, onChoose }: Props) {
  const queries = useQueryClient();
  const takeAway = async (starter: DrawnStarter) => {
    await answer(api.DELETE("/api/starters/{id}", { params: { path: { id: starter.own } } }));
    if (chosen === keyOf(starter)) onChoose(null);
    await queries.invalidateQueries({ queryKey: ["starters"] });
  };
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
          key={`${packageId} ${keyOf(starter)}`}
          name={starter.overlay.name}
          about={starter.about}
          on={chosen === keyOf(starter)}
          onChoose={() => onChoose(starter)}
          besides={
            starter.packageId === packageId && (
              <TakeAway
                label={`${starter.overlay.name}: take this starter away…`}
                onYes={() => void takeAway(starter)}
              />
            )
          }
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
  /** What else can be done with it. */
  besides?: ReactNode;
  children: ReactNode;
}

function Choice({ name, about, on, onChoose, besides, children }: ChoiceProps) {
  return (
    <div className="relative shrink-0">
      {besides && (
        <div className="absolute right-2 top-2 rounded bg-base-100/90 text-xs">{besides}</div>
      )}
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
