import type { Frame, OwnMargin } from "../api/client";
import { useHouse } from "../house/useHouse";
import { displayWidth } from "../document/geometry";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";

interface Props {
  frame: Frame;
  packageId: number;
  onChange: (margin: OwnMargin) => void;
}

const SIDES = [
  ["left", "left"],
  ["top", "above"],
  ["right", "right"],
  ["bottom", "below"],
] as const;

/** The same lines measured otherwise. */
function measured(margin: OwnMargin, unit: OwnMargin["unit"], frame: Frame): OwnMargin {
  if (unit === margin.unit) return margin;
  const across = displayWidth(frame) / 100;
  const down = frame.height / 100;
  const by = (side: number) => {
    const factor = side === 0 ? across : down;
    return unit === "PERCENT" ? 1 / factor : factor;
  };
  const tidy = (value: number) => Math.round(value * 1000) / 1000;
  return {
    unit,
    left: tidy(margin.left * by(0)),
    top: tidy(margin.top * by(1)),
    right: tidy(margin.right * by(0)),
    bottom: tidy(margin.bottom * by(1)),
  };
}

/** The designer's own margin lines, kept with the frame and, if wanted, with the package. */
export function OwnMarginSentence({ frame, packageId, onChange }: Props) {
  const { house, keep } = useHouse(packageId);
  const margin = frame.ownMargin;
  const unit = margin.unit === "PERCENT" ? " %" : " px";
  const same = JSON.stringify(house.ownMargin) === JSON.stringify(margin);
  return (
    <section aria-label="Own margin" className="mt-3 rounded bg-base-100 p-3 leading-7">
      <h2 className="text-xs font-semibold uppercase tracking-wide opacity-75">Own margin</h2>
      <p>
        Lines{" "}
        {SIDES.map(([side, words]) => (
          <span key={side}>
            <NumberField
              label={`Own margin ${words}`}
              value={margin[side]}
              least={0}
              most={margin.unit === "PERCENT" ? 45 : 8000}
              digits={2}
              unit={unit}
              onChange={(value) => onChange({ ...margin, [side]: value })}
            />{" "}
            {words},{" "}
          </span>
        ))}
        in{" "}
        <Choice
          label="Unit of the own margin"
          value={margin.unit}
          options={[
            ["PERCENT", "percent"],
            ["UNITS", "px"],
          ]}
          onChange={(chosen) => onChange(measured(margin, chosen, frame))}
        />
        .
      </p>
      {!same && (
        <div className="flex flex-wrap gap-1">
          <button
            type="button"
            className="btn btn-xs"
            onClick={() => void keep({ ...house, ownMargin: margin })}
          >
            Keep for new overlays of the package
          </button>
          <button
            type="button"
            className="btn btn-xs btn-ghost"
            onClick={() => onChange(house.ownMargin)}
          >
            Take the package’s
          </button>
        </div>
      )}
    </section>
  );
}
