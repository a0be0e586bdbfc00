import type { PlateShape } from "../api/client";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";

export type ChangeShape = (shape: PlateShape, key: string) => void;

const CORNERS = [
  ["topLeft", "top left"],
  ["topRight", "top right"],
  ["bottomRight", "bottom right"],
  ["bottomLeft", "bottom left"],
] as const;

/** What a shape has beside its size, as the end of the sentence. */
/** What a shape of its kind is given by. */
export function ShapeValues({ shape, onChange }: { shape: PlateShape; onChange: ChangeShape }) {
  switch (shape.kind) {
    case "rectangle":
    case "ellipse":
    case "drawn":
      return null;
    case "rounded":
      return <Radii shape={shape} onChange={onChange} />;
    case "rule":
      return (
        <>
          {" "}
          with{" "}
          <Choice
            label="Ends"
            value={shape.round ? 1 : 0}
            options={[
              [0, "square"],
              [1, "round"],
            ]}
            onChange={(round) => onChange({ ...shape, round: round === 1 }, "")}
          />{" "}
          ends
        </>
      );
    case "polygon":
      return (
        <>
          {" "}
          with{" "}
          <NumberField
            label="Number of corners"
            value={shape.corners}
            least={3}
            most={60}
            digits={0}
            unit=" corners"
            onChange={(corners) => onChange({ ...shape, corners: Math.round(corners) }, "corners")}
          />
          <Rounding shape={shape} onChange={onChange} />
        </>
      );
    case "star":
      return (
        <>
          {" "}
          with{" "}
          <NumberField
            label="Number of points"
            value={shape.points}
            least={3}
            most={60}
            digits={0}
            unit=" points"
            onChange={(points) => onChange({ ...shape, points: Math.round(points) }, "points")}
          />
          , notched{" "}
          <NumberField
            label="Depth of the notches, percent"
            value={Math.round(shape.depth * 1000) / 10}
            least={0}
            most={95}
            unit=" %"
            onChange={(depth) => onChange({ ...shape, depth: depth / 100 }, "depth")}
          />
          <Rounding shape={shape} onChange={onChange} />
        </>
      );
    case "triangle":
      return (
        <>
          {" "}
          with its tip at{" "}
          <NumberField
            label="Place of the tip, percent"
            value={Math.round(shape.apex * 1000) / 10}
            least={0}
            most={100}
            unit=" %"
            onChange={(apex) => onChange({ ...shape, apex: apex / 100 }, "apex")}
          />
          <Rounding shape={shape} onChange={onChange} />
        </>
      );
    case "chevron":
      return (
        <>
          {" "}
          with a point of{" "}
          <NumberField
            label="Length of the point"
            value={shape.point}
            least={0}
            unit=" px"
            onChange={(point) => onChange({ ...shape, point }, "point")}
          />
          <Rounding shape={shape} onChange={onChange} />
        </>
      );
    case "slanted":
      return (
        <>
          , slanted{" "}
          <NumberField
            label="Slant of the left end"
            value={shape.left}
            unit=" px"
            onChange={(left) => onChange({ ...shape, left }, "slant-left")}
          />{" "}
          left and{" "}
          <NumberField
            label="Slant of the right end"
            value={shape.right}
            unit=" px"
            onChange={(right) => onChange({ ...shape, right }, "slant-right")}
          />{" "}
          right
          <Rounding shape={shape} onChange={onChange} />
        </>
      );
    case "wedge":
      return (
        <>
          {" "}
          in the{" "}
          <Choice
            label="Corner"
            value={shape.corner}
            options={[
              ["TOP_LEFT", "top left"],
              ["TOP_RIGHT", "top right"],
              ["BOTTOM_RIGHT", "bottom right"],
              ["BOTTOM_LEFT", "bottom left"],
            ]}
            onChange={(corner) => onChange({ ...shape, corner }, "")}
          />
          <Rounding shape={shape} onChange={onChange} />
        </>
      );
    case "free":
      return (
        <>
          {" "}
          with {shape.points.length} points
          <Rounding shape={shape} onChange={onChange} />
        </>
      );
  }
}

type Rounded = Extract<PlateShape, { kind: "rounded" }>;

function Radii({ shape, onChange }: { shape: Rounded; onChange: ChangeShape }) {
  const { topLeft, topRight, bottomRight, bottomLeft } = shape;
  const alike = topLeft === topRight && topLeft === bottomRight && topLeft === bottomLeft;
  return (
    <>
      , corners of{" "}
      <NumberField
        label="Corner radius"
        value={Math.max(topLeft, topRight, bottomRight, bottomLeft)}
        least={0}
        unit=" px"
        onChange={(radius) =>
          onChange(
            {
              ...shape,
              topLeft: radius,
              topRight: radius,
              bottomRight: radius,
              bottomLeft: radius,
            },
            "radius",
          )
        }
      />
      <details className="inline" open={!alike}>
        <summary className="inline cursor-pointer text-xs opacity-80"> each by itself</summary>
        <span className="grid grid-cols-2">
          {CORNERS.map(([corner, words]) => (
            <span key={corner}>
              {words}{" "}
              <NumberField
                label={`Radius ${words}`}
                value={shape[corner]}
                least={0}
                unit=" px"
                onChange={(radius) => onChange({ ...shape, [corner]: radius }, corner)}
              />
            </span>
          ))}
        </span>
      </details>
    </>
  );
}

type WithRounding = Extract<PlateShape, { rounding: number }>;

function Rounding({ shape, onChange }: { shape: WithRounding; onChange: ChangeShape }) {
  return (
    <>
      , corners rounded by{" "}
      <NumberField
        label="Rounding of the corners"
        value={shape.rounding}
        least={0}
        unit=" px"
        onChange={(rounding) => onChange({ ...shape, rounding }, "rounding")}
      />
    </>
  );
}
