import type { PlatePiece, PlateShape } from "../api/client";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import { HugSentence } from "./HugSentence";
import { Section } from "./Section";

interface Props {
  piece: PlatePiece;
  onChange: (next: (piece: PlatePiece) => PlatePiece, did: string, key: string) => void;
}

/** Only a plate that is one keeps it: it is drawn elsewhere. */
const DRAWN = ["drawn", "drawn outline"] as const;

const SHAPES: readonly (readonly [PlateShape["kind"], string])[] = [
  ["rectangle", "rectangle"],
  ["rounded", "rounded rectangle"],
  ["ellipse", "ellipse"],
  ["rule", "rule"],
  ["polygon", "polygon"],
  ["star", "star"],
  ["triangle", "triangle"],
  ["chevron", "chevron"],
  ["slanted", "slanted bar"],
  ["wedge", "corner wedge"],
  ["free", "free polygon"],
];

function shapeOf(kind: PlateShape["kind"], plate: PlatePiece): PlateShape {
  const short = Math.min(plate.width, plate.height);
  const radius = Math.round(short / 6);
  switch (kind) {
    case "rounded":
      return {
        kind,
        topLeft: radius,
        topRight: radius,
        bottomRight: radius,
        bottomLeft: radius,
      };
    case "rule":
      return { kind, round: false };
    case "polygon":
      return { kind, corners: 6, rounding: 0 };
    case "star":
      return { kind, points: 5, depth: 0.5, rounding: 0 };
    case "triangle":
      return { kind, apex: 0.5, rounding: 0 };
    case "chevron":
      return { kind, point: Math.round(short / 2), rounding: 0 };
    case "slanted":
      return { kind, left: Math.round(short / 3), right: Math.round(short / 3), rounding: 0 };
    case "wedge":
      return { kind, corner: "TOP_LEFT", rounding: 0 };
    case "free":
      return {
        kind,
        points: [
          { x: 0, y: 0 },
          { x: 1, y: 0 },
          { x: 0.9, y: 1 },
          { x: 0, y: 1 },
        ],
        rounding: 0,
      };
    case "drawn":
      return { kind, path: "M0 0L1 0L1 1L0 1Z", evenOdd: false };
    case "rectangle":
    case "ellipse":
      return { kind };
  }
}

/** The outline of a plate and what it lies around. */
export function ShapeSection({ piece, onChange }: Props) {
  const { shape } = piece;
  const hugs = piece.hug.pieces.length > 0;
  return (
    <Section title="Shape">
      <p>
        A{shape.kind === "ellipse" ? "n" : ""}{" "}
        <Choice
          label="Shape"
          value={shape.kind}
          options={shape.kind === "drawn" ? [...SHAPES, DRAWN] : SHAPES}
          onChange={(kind) =>
            onChange((plate) => ({ ...plate, shape: shapeOf(kind, plate) }), "Change the shape", "")
          }
        />
        {!hugs && (
          <>
            {" "}
            of{" "}
            <NumberField
              label="Width"
              value={piece.width}
              least={0.1}
              onChange={(width) =>
                onChange((plate) => ({ ...plate, width }), "Change the width", "width")
              }
            />{" "}
            ×{" "}
            <NumberField
              label="Height"
              value={piece.height}
              least={0.1}
              unit=" px"
              onChange={(height) =>
                onChange((plate) => ({ ...plate, height }), "Change the height", "height")
              }
            />
          </>
        )}
        <ShapeValues
          shape={shape}
          onChange={(next, key) =>
            onChange((plate) => ({ ...plate, shape: next }), "Change the shape", key)
          }
        />
        .
      </p>
      {shape.kind === "free" && (
        <Points
          shape={shape}
          onChange={(next, key) =>
            onChange((plate) => ({ ...plate, shape: next }), "Change the points", key)
          }
        />
      )}
      <HugSentence piece={piece} onChange={onChange} />
    </Section>
  );
}

type Change = (shape: PlateShape, key: string) => void;

const CORNERS = [
  ["topLeft", "top left"],
  ["topRight", "top right"],
  ["bottomRight", "bottom right"],
  ["bottomLeft", "bottom left"],
] as const;

/** What a shape has beside its size, as the end of the sentence. */
function ShapeValues({ shape, onChange }: { shape: PlateShape; onChange: Change }) {
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

function Radii({ shape, onChange }: { shape: Rounded; onChange: Change }) {
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

function Rounding({ shape, onChange }: { shape: WithRounding; onChange: Change }) {
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

type Free = Extract<PlateShape, { kind: "free" }>;

/** The points of a free polygon; they are dragged on the stage too. */
function Points({ shape, onChange }: { shape: Free; onChange: Change }) {
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
