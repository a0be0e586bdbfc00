import { useState } from "react";
import { flushSync } from "react-dom";
import type { Finish, GroupPiece, Look, Piece, PictureSummary } from "../api/client";
import { Section } from "../ui/Section";
import { Choice } from "../ui/Choice";
import { memoOn } from "../ui/memoOn";
import { focusNewest } from "./addFinish";
import { FinishPaste } from "./FinishPaste";
import { FinishRow } from "./FinishRow";
import { FinishSets } from "./FinishSets";
import { FinishStrip } from "./FinishStrip";
import { copyFinishes } from "./giveFinishes";
import { KINDS, nameAmong } from "./kinds";

interface Props {
  piece: Piece;
  pictures: PictureSummary[];
  onChange: (next: (piece: Piece) => Piece, did: string, key: string) => void;
}

const FINISHING = [
  ["AS_ONE", "the group as one"],
  ["EACH_PART", "each of its pieces"],
] as const;

/** What is done to a piece's edge and surface. */
export const FinishSection = memoOn(Finishes, ({ piece, pictures }) => [
  piece.id,
  piece.name,
  piece.look.finishes,
  piece.look.follows,
  piece.kind === "group" && piece.finishing,
  "paint" in piece && piece.paint,
  pictures,
]);

function Finishes({ piece, pictures, onChange }: Props) {
  const [adding, setAdding] = useState(false);
  const { finishes } = piece.look;
  const relook = (next: Partial<Look>, did: string, key: string) =>
    onChange((same) => ({ ...same, look: { ...same.look, ...next } }), did, key);
  // Whoever changes a finish has finishes of their own; the set stays as it is.
  const give = (next: Finish[], did: string, key: string) =>
    relook({ finishes: next, follows: "" }, did, key);
  const moved = (at: number, by: 1 | -1) => {
    const next = [...finishes];
    const [taken] = next.splice(at, 1);
    if (taken) next.splice(at + by, 0, taken);
    give(next, "Reorder the finishes", "");
  };
  return (
    <Section title="Finish">
      {piece.kind === "group" && <FinishingChoice piece={piece} onChange={onChange} />}
      {finishes.length === 0 && <p className="opacity-75">No finish. The edge is plain.</p>}
      {finishes.map((finish, i) => (
        <FinishRow
          key={i}
          finish={finish}
          name={nameAmong(finishes, i)}
          pictures={pictures}
          face={"paint" in piece ? piece.paint : undefined}
          onChange={(next, key) =>
            give(
              finishes.map((other, j) => (j === i ? next : other)),
              "Change the finish",
              `finish-${i}-${key}`,
            )
          }
          onRemove={() =>
            give(
              finishes.filter((_, j) => j !== i),
              `Take away ${KINDS[finish.kind].one}`,
              "",
            )
          }
          onForward={i + 1 < finishes.length ? () => moved(i, 1) : undefined}
          onBack={i > 0 ? () => moved(i, -1) : undefined}
        />
      ))}
      <div className="mt-1 flex flex-wrap gap-1">
        <button
          type="button"
          className="btn btn-xs"
          aria-expanded={adding}
          onClick={() => setAdding(!adding)}
        >
          Add a finish
        </button>
        {finishes.length > 0 && (
          <button type="button" className="btn btn-xs" onClick={() => copyFinishes(finishes)}>
            Copy finishes
          </button>
        )}
        <FinishPaste pieces={[piece.id]} />
      </div>
      {adding && (
        <FinishStrip
          piece={piece}
          onAdd={(finish) => {
            flushSync(() => {
              give([...finishes, finish], `Add ${KINDS[finish.kind].one}`, "");
              setAdding(false);
            });
            focusNewest();
          }}
        />
      )}
      <FinishSets piece={piece} onLoose={() => relook({ follows: "" }, "Cut loose", "")} />
    </Section>
  );
}

function FinishingChoice(props: { piece: GroupPiece; onChange: Props["onChange"] }) {
  const { piece, onChange } = props;
  return (
    <p>
      Finish{" "}
      <Choice
        label="What the finishes go round"
        value={piece.finishing}
        options={FINISHING}
        onChange={(finishing) =>
          onChange(
            (same) => (same.kind === "group" ? { ...same, finishing } : same),
            "Finish the group otherwise",
            "",
          )
        }
      />
      .
    </p>
  );
}
