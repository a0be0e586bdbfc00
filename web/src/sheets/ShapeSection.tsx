import type { PlatePiece } from "../api/client";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import { BackingSentence } from "./BackingSentence";
import { PolygonPoints } from "./PolygonPoints";
import { Section } from "../ui/Section";
import { ShapeValues } from "./ShapeValues";
import { DRAWN, SHAPES, shapeOf } from "./shapes";

interface Props {
  piece: PlatePiece;
  onChange: (next: (piece: PlatePiece) => PlatePiece, did: string, key: string) => void;
}

/** The outline of a plate and what it lies around. */
export function ShapeSection({ piece, onChange }: Props) {
  const { shape } = piece;
  const backs = piece.backing.pieces.length > 0;
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
        {!backs && (
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
        <PolygonPoints
          shape={shape}
          onChange={(next, key) =>
            onChange((plate) => ({ ...plate, shape: next }), "Change the points", key)
          }
        />
      )}
      <BackingSentence piece={piece} onChange={onChange} />
    </Section>
  );
}
