import type { CueMove } from "../api/client";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";

const KINDS = [
  ["cut", "a cut"],
  ["fade", "a fade"],
  ["LEFT", "a slide, left"],
  ["RIGHT", "a slide, right"],
  ["ABOVE", "a slide, above"],
  ["BELOW", "a slide, below"],
  ["grow", "growing"],
] as const;

type Kind = (typeof KINDS)[number][0];

/** How long a move takes that was a cut before. */
const USUAL_FRAMES = 12;

function kindOf(move: CueMove): Kind {
  return move.kind === "slide" ? move.side : move.kind;
}

function moveOf(kind: Kind, frames: number): CueMove {
  switch (kind) {
    case "cut":
      return { kind };
    case "fade":
    case "grow":
      return { kind, frames };
    case "LEFT":
    case "RIGHT":
    case "ABOVE":
    case "BELOW":
      return { kind: "slide", side: kind, frames };
  }
}

interface Props {
  label: string;
  move: CueMove;
  onChange: (move: CueMove) => void;
}

/** How a still comes or goes, and in how many frames. */
export function MoveChoice({ label, move, onChange }: Props) {
  const frames = move.kind === "cut" ? USUAL_FRAMES : move.frames;
  return (
    <>
      <Choice
        label={label}
        value={kindOf(move)}
        options={KINDS}
        onChange={(kind) => onChange(moveOf(kind, frames))}
      />
      {move.kind !== "cut" && (
        <>
          {" of "}
          <NumberField
            label={`${label}, frames`}
            value={move.frames}
            least={1}
            most={3600}
            digits={0}
            onChange={(count) => onChange({ ...move, frames: Math.round(count) })}
          />
        </>
      )}
    </>
  );
}
