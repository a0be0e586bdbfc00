import { useState } from "react";
import type { Finish, Piece } from "../api/client";
import { working } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";
import { allPieces } from "../document/tree";
import { useHouse } from "../house/useHouse";
import { Choice } from "../ui/Choice";
import { giveFinishes, linesOf } from "./giveFinishes";

interface Props {
  piece: Piece;
  onLoose: () => void;
}

const OWN = "";

/** The finish set that a piece follows, and keeping its finishes as one. */
export function FinishSets({ piece, onLoose }: Props) {
  const { house, keep } = useHouse();
  const [name, setName] = useState<string | null>(null);
  const { follows, finishes } = piece.look;
  const sets = house.finishSets;
  const follow = (wanted: string) => {
    const set = sets.find((other) => other.name === wanted);
    if (set) void giveFinishes([piece.id], set, true, `Follow ${set.name}`);
    else onLoose();
  };
  const keepAs = async (given: string) => {
    const set = { name: given, lines: linesOf(), finishes };
    const others = sets.filter((other) => other.name !== given);
    if (!(await keep({ ...house, finishSets: [...others, set] }))) return;
    const followers = allPieces(useOverlay.getState().overlay?.stack ?? [])
      .filter((other) => other.look.follows === given || other.id === piece.id)
      .map((other) => other.id);
    await giveFinishes(followers, set, true, `Keep finishes as ${given}`);
    setName(null);
  };
  const forget = async (gone: string) => {
    if (await keep({ ...house, finishSets: sets.filter((set) => set.name !== gone) })) onLoose();
  };
  return (
    <>
      {sets.length > 0 && (
        <p>
          {follows === OWN ? "With " : "Following "}
          <Choice
            label="Finish set"
            value={follows}
            options={[
              [OWN, "finishes of its own"] as const,
              ...sets.map((set) => [set.name, set.name] as const),
              ...(follows !== OWN && !sets.some((set) => set.name === follows)
                ? [[follows, `${follows} (gone)`] as const]
                : []),
            ]}
            onChange={follow}
          />
          {follows !== OWN && (
            <>
              ; it changes with the set.{" "}
              <button type="button" className="btn btn-xs" onClick={onLoose}>
                Cut loose
              </button>{" "}
              <button
                type="button"
                className="btn btn-xs"
                title="Pieces that follow it keep the finishes they have"
                onClick={() => void working(forget(follows))}
              >
                Forget the set
              </button>
            </>
          )}
          {follows === OWN && "."}
        </p>
      )}
      {name === null ? (
        follows === OWN &&
        finishes.length > 0 && <SaveAs onClick={() => setName(suggested(finishes))} />
      ) : (
        <form
          className="flex items-center gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            if (name.trim()) void working(keepAs(name.trim()));
          }}
        >
          <input
            autoFocus
            aria-label="Name of the finish set"
            className="word min-w-0 flex-1"
            maxLength={60}
            value={name}
            list="finish-sets"
            onChange={(event) => setName(event.target.value)}
            onKeyDown={(event) => event.key === "Escape" && setName(null)}
          />
          <datalist id="finish-sets">
            {sets.map((set) => (
              <option key={set.name} value={set.name} />
            ))}
          </datalist>
          <button type="submit" className="btn btn-xs btn-primary" disabled={!name.trim()}>
            {sets.some((set) => set.name === name.trim()) ? "Change the set" : "Keep"}
          </button>
          <button type="button" className="btn btn-xs" onClick={() => setName(null)}>
            Leave
          </button>
        </form>
      )}
    </>
  );
}

function SaveAs({ onClick }: { onClick: () => void }) {
  return (
    <button type="button" className="btn btn-xs mr-1" onClick={onClick}>
      Keep as a set…
    </button>
  );
}

function suggested(finishes: readonly Finish[]): string {
  return [...new Set(finishes.map((finish) => finish.kind))].join(" and ");
}
