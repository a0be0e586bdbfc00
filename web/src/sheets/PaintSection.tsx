import type { Paint, Piece } from "../api/client";
import { Choice } from "../ui/Choice";
import { ColourField } from "../ui/ColourField";
import { NumberField } from "../ui/NumberField";
import { Section } from "./Section";

interface Props {
  piece: Piece;
  onChange: (next: (piece: Piece) => Piece, key: string) => void;
}

const PAINTS = [
  ["flat", "one colour"],
  ["linear", "a linear gradient"],
] as const;

function otherKind(paint: Paint, kind: Paint["kind"]): Paint {
  if (kind === paint.kind) return paint;
  if (paint.kind === "linear") {
    return { kind: "flat", colour: paint.stops[0]?.colour ?? "#ffffff" };
  }
  const clear = `${paint.colour.slice(0, 7)}00`;
  return {
    kind: "linear",
    angle: 0,
    stops: [
      { position: 0, colour: paint.colour },
      { position: 1, colour: clear },
    ],
  };
}

/** What the face is filled with, and how solid the piece is. */
export function PaintSection({ piece, onChange }: Props) {
  const paint = piece.kind === "picture" ? null : piece.paint;
  const repaint = (next: Paint, key: string) =>
    onChange((same) => (same.kind === "picture" ? same : { ...same, paint: next }), key);
  return (
    <Section title="Paint">
      {paint && (
        <p>
          Filled with{" "}
          <Choice
            label="Kind of paint"
            value={paint.kind}
            options={PAINTS}
            onChange={(kind) => repaint(otherKind(paint, kind), "")}
          />
          {paint.kind === "flat" ? (
            <>
              {": "}
              <ColourField
                label="Colour"
                value={paint.colour}
                onChange={(colour) => repaint({ kind: "flat", colour }, "colour")}
              />
            </>
          ) : (
            <>
              {" "}
              at{" "}
              <NumberField
                label="Gradient direction in degrees"
                value={paint.angle}
                least={-360}
                most={360}
                digits={0}
                unit="°"
                onChange={(angle) => repaint({ ...paint, angle }, "gradient-angle")}
              />
              :
            </>
          )}
        </p>
      )}
      {paint?.kind === "linear" && <Stops paint={paint} onChange={repaint} />}
      <p>
        Face opacity{" "}
        <NumberField
          label="Face opacity, percent"
          value={Math.round(piece.faceOpacity * 1000) / 10}
          least={0}
          most={100}
          unit=" %"
          onChange={(percent) =>
            onChange((same) => ({ ...same, faceOpacity: percent / 100 }), "face")
          }
        />
        , overall{" "}
        <NumberField
          label="Overall opacity, percent"
          value={Math.round(piece.overallOpacity * 1000) / 10}
          least={0}
          most={100}
          unit=" %"
          onChange={(percent) =>
            onChange((same) => ({ ...same, overallOpacity: percent / 100 }), "overall")
          }
        />
        .
      </p>
    </Section>
  );
}

type Linear = Extract<Paint, { kind: "linear" }>;

function Stops({ paint, onChange }: { paint: Linear; onChange: (p: Paint, key: string) => void }) {
  const { stops } = paint;
  const give = (changed: Linear["stops"], key: string) =>
    onChange({ ...paint, stops: changed }, key);
  return (
    <ol aria-label="Gradient stops">
      {stops.map((stop, i) => (
        <li key={i} className="flex items-center gap-1">
          <NumberField
            label={`Stop ${i + 1}: position, percent`}
            value={Math.round(stop.position * 1000) / 10}
            least={Math.round((stops[i - 1]?.position ?? 0) * 1000) / 10}
            most={Math.round((stops[i + 1]?.position ?? 1) * 1000) / 10}
            unit=" %"
            onChange={(percent) =>
              give(
                stops.map((s, j) => (j === i ? { ...s, position: percent / 100 } : s)),
                `stop-${i}`,
              )
            }
          />
          <ColourField
            label={`Stop ${i + 1}: colour`}
            value={stop.colour}
            onChange={(colour) =>
              give(
                stops.map((s, j) => (j === i ? { ...s, colour } : s)),
                `stop-colour-${i}`,
              )
            }
          />
          {stops.length > 2 && (
            <button
              type="button"
              className="btn btn-ghost btn-xs"
              aria-label={`Take away stop ${i + 1}`}
              onClick={() =>
                give(
                  stops.filter((_, j) => j !== i),
                  "",
                )
              }
            >
              ×
            </button>
          )}
        </li>
      ))}
      <li>
        <button
          type="button"
          className="btn btn-ghost btn-xs"
          onClick={() => {
            const before = stops.at(-2);
            const last = stops.at(-1);
            if (!before || !last) return;
            const position = (before.position + last.position) / 2;
            give([...stops.slice(0, -1), { position, colour: before.colour }, last], "");
          }}
        >
          Add a stop
        </button>
      </li>
    </ol>
  );
}
