import type { FontFamily, Run } from "../api/client";
import { NumberField } from "../ui/NumberField";
import { withAxis } from "./axes";

interface Props {
  family: FontFamily;
  axes: Run["axes"];
  onChange: (axes: Run["axes"]) => void;
}

/** Where on its axes besides the weight a variable font is used; nothing for others. */
export function AxesWords({ family, axes, onChange }: Props) {
  return family.axes.map((axis) => (
    <span key={axis.tag}>
      , {axis.name.toLowerCase()}{" "}
      <NumberField
        label={`Axis of the font: ${axis.name}, ${axis.least} to ${axis.most}`}
        value={axes.find(({ tag }) => tag === axis.tag)?.value ?? axis.standard}
        least={axis.least}
        most={axis.most}
        step={axis.most - axis.least <= 2 ? 0.05 : 1}
        digits={axis.most - axis.least <= 2 ? 2 : 1}
        onChange={(value) => onChange(withAxis(axes, axis, value))}
      />
    </span>
  ));
}
