import { useState } from "react";
import type { CutOut, Stroke } from "../api/client";
import { NumberField } from "../ui/NumberField";

type ByMarks = Extract<CutOut, { kind: "marks" }>;

interface Props {
  cutOut: ByMarks;
  onChange: (cutOut: CutOut, key: string) => void;
  /** Width of a stroke made by typing, in pixels of the picture. */
  width: number;
}

function counted(strokes: readonly Stroke[], keep: boolean): number {
  return strokes.filter((stroke) => stroke.keep === keep).length;
}

/** What the hand has marked so far, and marks set by typing where they are. */
export function MarksSentence({ cutOut, onChange, width }: Props) {
  const [x, setX] = useState(0);
  const [y, setY] = useState(0);
  const { strokes } = cutOut;
  const keep = counted(strokes, true);
  const drop = counted(strokes, false);
  const mark = (kept: boolean) =>
    onChange({ ...cutOut, strokes: [...strokes, { keep: kept, width, points: [{ x, y }] }] }, "");
  return (
    <>
      <p>
        {keep === 1 ? "1 stroke keeps" : `${keep} strokes keep`},{" "}
        {drop === 1 ? "1 drops" : `${drop} drop`}; edges are up to{" "}
        <NumberField
          label="Softness of the cut-out"
          value={cutOut.softness}
          least={1}
          most={32}
          step={0.5}
          unit=" px"
          onChange={(softness) => onChange({ ...cutOut, softness }, "softness")}
        />{" "}
        wide.
        {(keep === 0 || drop === 0) && (
          <span className="text-warning"> Nothing goes until there are marks of both kinds.</span>
        )}
      </p>
      <p className="flex gap-1">
        <button
          type="button"
          className="btn btn-xs"
          disabled={strokes.length === 0}
          onClick={() => onChange({ ...cutOut, strokes: strokes.slice(0, -1) }, "")}
        >
          Take the last back
        </button>
        <button
          type="button"
          className="btn btn-xs"
          disabled={strokes.length === 0}
          onClick={() => onChange({ ...cutOut, strokes: [] }, "")}
        >
          Begin anew
        </button>
      </p>
      <details>
        <summary className="cursor-pointer text-xs opacity-80">A mark by numbers</summary>
        <p>
          At{" "}
          <NumberField label="Mark from the left" value={x} least={0} onChange={setX} unit=" px" />{" "}
          right and{" "}
          <NumberField label="Mark from the top" value={y} least={0} onChange={setY} unit=" px" />{" "}
          down:{" "}
          <button type="button" className="btn btn-xs" onClick={() => mark(true)}>
            Keep
          </button>{" "}
          <button type="button" className="btn btn-xs" onClick={() => mark(false)}>
            Drop
          </button>
        </p>
      </details>
    </>
  );
}
