import type { FinishSet } from "../api/client";
import { TakeAway } from "../ui/TakeAway";
import type { ListProps } from "./ColourList";
import { ListHead } from "./ListHead";

/** The finish sets of a house; they are made and changed on a piece that has them. */
export function FinishSetList({ house, edit }: ListProps & { packageId: number }) {
  return (
    <section aria-label="Finish sets">
      <ListHead words="Finish sets" />
      {house.finishSets.length === 0 ? (
        <p className="text-sm opacity-75">
          None yet. Finish a piece in Compose and keep its finishes as a set.
        </p>
      ) : (
        <ul>
          {house.finishSets.map((set) => (
            <li
              key={set.name}
              aria-label={set.name}
              className="flex items-center gap-2 border-b border-base-300 py-1.5"
            >
              <span className="min-w-0 flex-1 truncate">
                {set.name} <span className="text-sm opacity-75">{kinds(set)}</span>
              </span>
              <TakeAway
                label={`Take the finish set ${set.name} out of the house…`}
                onYes={() =>
                  edit((same) => ({
                    ...same,
                    finishSets: same.finishSets.filter((other) => other.name !== set.name),
                  }))
                }
              />
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function kinds(set: FinishSet): string {
  return [...new Set(set.finishes.map((finish) => finish.kind))].join(", ");
}
