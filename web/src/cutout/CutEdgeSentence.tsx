import type { CutEdge } from "../api/client";
import { NumberField } from "../ui/NumberField";

interface Props {
  edge: CutEdge;
  onChange: (edge: CutEdge, key: string) => void;
}

/** What is done to the edge of a cut-out; shown open once anything is. */
export function CutEdgeSentence({ edge, onChange }: Props) {
  const treated = edge.grow !== 0 || edge.soften > 0 || edge.pinholes > 0 || edge.specks > 0;
  const pixels = (label: string, key: "pinholes" | "specks") => (
    <NumberField
      label={label}
      value={edge[key]}
      least={0}
      most={100000}
      digits={0}
      unit=" px"
      onChange={(count) => onChange({ ...edge, [key]: Math.round(count) }, key)}
    />
  );
  return (
    <details open={treated}>
      <summary className="cursor-pointer text-xs opacity-80">Edge</summary>
      <p>
        Moved{" "}
        <NumberField
          label="Cut-out edge moved outwards"
          value={edge.grow}
          least={-20}
          most={20}
          step={0.5}
          unit=" px"
          onChange={(grow) => onChange({ ...edge, grow }, "grow")}
        />{" "}
        outwards and softened over{" "}
        <NumberField
          label="Cut-out edge softened"
          value={edge.soften}
          least={0}
          most={20}
          step={0.5}
          unit=" px"
          onChange={(soften) => onChange({ ...edge, soften }, "soften")}
        />
        . Holes of fewer than {pixels("Holes filled under", "pinholes")} are filled, specks of fewer
        than {pixels("Specks dropped under", "specks")} dropped.
      </p>
    </details>
  );
}
