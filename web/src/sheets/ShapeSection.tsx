import type { PlatePiece } from "../api/client";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import { Section } from "./Section";

interface Props {
  piece: PlatePiece;
  onChange: (next: (piece: PlatePiece) => PlatePiece, key: string) => void;
}

const SHAPES = [
  ["rectangle", "rectangle"],
  ["rounded", "rounded rectangle"],
  ["ellipse", "ellipse"],
] as const;

/** The outline of a plate. */
export function ShapeSection({ piece, onChange }: Props) {
  const { shape } = piece;
  return (
    <Section title="Shape">
      <p>
        A{shape.kind === "ellipse" ? "n" : ""}{" "}
        <Choice
          label="Shape"
          value={shape.kind}
          options={SHAPES}
          onChange={(kind) =>
            onChange(
              (plate) => ({
                ...plate,
                shape:
                  kind === "rounded"
                    ? { kind, radius: Math.round(Math.min(plate.width, plate.height) / 6) }
                    : { kind },
              }),
              "shape",
            )
          }
        />{" "}
        of{" "}
        <NumberField
          label="Width"
          value={piece.width}
          least={0.1}
          onChange={(width) => onChange((plate) => ({ ...plate, width }), "width")}
        />{" "}
        ×{" "}
        <NumberField
          label="Height"
          value={piece.height}
          least={0.1}
          unit=" px"
          onChange={(height) => onChange((plate) => ({ ...plate, height }), "height")}
        />
        {shape.kind === "rounded" && (
          <>
            , corners of{" "}
            <NumberField
              label="Corner radius"
              value={shape.radius}
              least={0}
              unit=" px"
              onChange={(radius) =>
                onChange((plate) => ({ ...plate, shape: { kind: "rounded", radius } }), "radius")
              }
            />
          </>
        )}
        .
      </p>
    </Section>
  );
}
