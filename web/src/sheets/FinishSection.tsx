import type { ReactNode } from "react";
import type { FacedPiece, Finish, Outline, Shadow } from "../api/client";
import { newOutline, newShadow } from "../document/newPieces";
import { Choice } from "../ui/Choice";
import { ColourField } from "../ui/ColourField";
import { NumberField } from "../ui/NumberField";
import { memoOn } from "../ui/memoOn";
import { Section } from "./Section";

interface Props {
  piece: FacedPiece;
  onChange: (next: (piece: FacedPiece) => FacedPiece, did: string, key: string) => void;
}

const SIDES = [
  ["OUTSIDE", "outside"],
  ["CENTRED", "on"],
  ["INSIDE", "inside"],
] as const;

const UNDER = [
  ["AUTOMATIC", "held out when the face is thin"],
  ["HELD_OUT", "held out under the face"],
  ["SHOWING", "showing through the face"],
] as const;

/** What is done to a piece's edge. */
export const FinishSection = memoOn(Finishes, ({ piece }) => [
  piece.id,
  piece.name,
  piece.finishes,
]);

function Finishes({ piece, onChange }: Props) {
  const give = (finishes: Finish[], key: string) =>
    onChange((same) => ({ ...same, finishes }), "Change the finish", key);
  const change = (i: number) => (next: Finish, key: string) =>
    give(
      piece.finishes.map((finish, j) => (j === i ? next : finish)),
      `finish-${i}-${key}`,
    );
  return (
    <Section title="Finish">
      {piece.finishes.length === 0 && <p className="opacity-75">No finish. The edge is plain.</p>}
      {piece.finishes.map((finish, i) => (
        <Row
          key={i}
          finish={finish}
          onChange={change(i)}
          onRemove={() =>
            give(
              piece.finishes.filter((_, j) => j !== i),
              "",
            )
          }
        >
          {finish.kind === "shadow" ? (
            <ShadowSentence shadow={finish} onChange={change(i)} />
          ) : (
            <OutlineSentence outline={finish} onChange={change(i)} />
          )}
        </Row>
      ))}
      <p className="mt-1 flex gap-1">
        <button
          type="button"
          className="btn btn-xs"
          onClick={() => give([...piece.finishes, newShadow()], "")}
        >
          Add a shadow
        </button>
        <button
          type="button"
          className="btn btn-xs"
          onClick={() => give([...piece.finishes, newOutline()], "")}
        >
          Add an outline
        </button>
      </p>
    </Section>
  );
}

interface RowProps {
  finish: Finish;
  onChange: (next: Finish, key: string) => void;
  onRemove: () => void;
  children: ReactNode;
}

function Row({ finish, onChange, onRemove, children }: RowProps) {
  const name = finish.kind === "shadow" ? "Shadow" : "Outline";
  return (
    <div className="mt-1 border-l-2 border-base-300 pl-2">
      <div className="flex items-center gap-2">
        <input
          type="checkbox"
          className="checkbox checkbox-xs"
          aria-label={`${name}: on`}
          checked={finish.on}
          onChange={(event) => onChange({ ...finish, on: event.target.checked }, "on")}
        />
        <span className="flex-1 font-medium">{name}</span>
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          aria-label={`Take the ${name.toLowerCase()} away`}
          onClick={onRemove}
        >
          ×
        </button>
      </div>
      <div className={finish.on ? "" : "opacity-60"}>
        {children}
        <div>
          In{" "}
          <ColourField
            label={`${name} colour`}
            value={finish.colour}
            onChange={(colour) => onChange({ ...finish, colour }, "colour")}
          />{" "}
          at{" "}
          <NumberField
            label={`${name} opacity, percent`}
            value={Math.round(finish.opacity * 1000) / 10}
            least={0}
            most={100}
            unit=" %"
            onChange={(percent) => onChange({ ...finish, opacity: percent / 100 }, "opacity")}
          />
          ,{" "}
          <Choice
            label={`${name} under the face`}
            value={finish.underFace}
            options={UNDER}
            onChange={(underFace) => onChange({ ...finish, underFace }, "")}
          />
          .
        </div>
      </div>
    </div>
  );
}

function ShadowSentence(props: { shadow: Shadow; onChange: (next: Shadow, key: string) => void }) {
  const { shadow, onChange } = props;
  return (
    <p>
      Falls{" "}
      <NumberField
        label="Shadow distance"
        value={shadow.distance}
        least={0}
        most={2000}
        unit=" px"
        onChange={(distance) => onChange({ ...shadow, distance }, "distance")}
      />{" "}
      towards{" "}
      <NumberField
        label="Shadow angle, degrees clockwise from the right"
        value={shadow.angle}
        least={-360}
        most={360}
        digits={0}
        unit="°"
        onChange={(angle) => onChange({ ...shadow, angle }, "angle")}
      />
      , fades over{" "}
      <NumberField
        label="Shadow reach"
        value={shadow.reach}
        least={0}
        most={2000}
        unit=" px"
        onChange={(reach) => onChange({ ...shadow, reach }, "reach")}
      />
      ,{" "}
      <NumberField
        label="Shadow firmness, percent"
        value={Math.round(shadow.firmness * 100)}
        least={0}
        most={100}
        digits={0}
        unit=" %"
        onChange={(percent) => onChange({ ...shadow, firmness: percent / 100 }, "firmness")}
      />{" "}
      of it firm.
    </p>
  );
}

function OutlineSentence(props: {
  outline: Outline;
  onChange: (next: Outline, key: string) => void;
}) {
  const { outline, onChange } = props;
  return (
    <p>
      A line of{" "}
      <NumberField
        label="Outline width"
        value={outline.width}
        least={0}
        most={2000}
        step={0.5}
        unit=" px"
        onChange={(width) => onChange({ ...outline, width }, "width")}
      />{" "}
      <Choice
        label="Outline side"
        value={outline.side}
        options={SIDES}
        onChange={(side) => onChange({ ...outline, side }, "")}
      />{" "}
      the edge.
    </p>
  );
}
