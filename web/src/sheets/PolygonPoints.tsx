import type { PlateShape } from "../api/client";
import { NumberField } from "../ui/NumberField";
import type { ChangeShape } from "./ShapeValues";

type Free = Extract<PlateShape, { kind: "free" }>;

/** The points of a free polygon; they are dragged on the stage too. */
export function PolygonPoints({ shape, onChange }: { shape: Free; onChange: ChangeShape }) {
  const give = (points: Free["points"], key: string) => onChange({ ...shape, points }, key);
  return (
    <ol aria-label="Points" className="text-xs">
      {shape.points.map((point, i) => (
        <li key={i} className="flex items-center gap-1">
          <span className="w-4 opacity-70">{i + 1}</span>
          {(["x", "y"] as const).map((side) => (
            <NumberField
              key={side}
              label={`Point ${i + 1}: ${side === "x" ? "share of the width" : "share of the height"}, percent`}
              value={Math.round(point[side] * 1000) / 10}
              least={-1000}
              most={1000}
              unit=" %"
              onChange={(percent) =>
                give(
                  shape.points.map((old, j) => (j === i ? { ...old, [side]: percent / 100 } : old)),
                  `point-${i}-${side}`,
                )
              }
            />
          ))}
          <button
            type="button"
            className="btn btn-ghost btn-xs"
            aria-label={`Add a point after point ${i + 1}`}
            title="Add a point after this one"
            onClick={() => {
              const next = shape.points[(i + 1) % shape.points.length] ?? point;
              const between = { x: (point.x + next.x) / 2, y: (point.y + next.y) / 2 };
              give(shape.points.toSpliced(i + 1, 0, between), "");
            }}
          >
            +
          </button>
          {shape.points.length > 3 && (
            <button
              type="button"
              className="btn btn-ghost btn-xs"
              aria-label={`Take away point ${i + 1}`}
              onClick={() => give(shape.points.toSpliced(i, 1), "")}
            >
              ×
            </button>
          )}
        </li>
      ))}
    </ol>
  );
}
