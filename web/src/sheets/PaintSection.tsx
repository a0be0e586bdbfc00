import type { FacedPiece, Paint, PictureSummary } from "../api/client";
import { Choice } from "../ui/Choice";
import { ColourField } from "../ui/ColourField";
import { NumberField } from "../ui/NumberField";
import { memoOn } from "../ui/memoOn";
import { LookSentence } from "./LookSentence";
import { Section } from "./Section";
import { Stops } from "./Stops";

interface Props {
  piece: FacedPiece;
  pictures: PictureSummary[];
  onChange: (next: (piece: FacedPiece) => FacedPiece, did: string, key: string) => void;
}

const PAINTS: readonly (readonly [Paint["kind"], string])[] = [
  ["flat", "one colour"],
  ["linear", "a linear gradient"],
  ["radial", "a radial gradient"],
  ["conic", "a conic gradient"],
  ["texture", "a repeating picture"],
  ["picture", "a picture"],
];

const FITS = [
  ["COVER", "covering it"],
  ["CONTAIN", "contained in it"],
  ["STRETCH", "stretched to it"],
] as const;

function otherKind(paint: Paint, kind: Paint["kind"], pictures: PictureSummary[]): Paint {
  if (kind === paint.kind) return paint;
  const first = "stops" in paint ? paint.stops[0]?.colour : undefined;
  const colour = paint.kind === "flat" ? paint.colour : (first ?? "#124b5c");
  const stops =
    "stops" in paint
      ? paint.stops
      : [
          { position: 0, colour },
          { position: 1, colour: `${colour.slice(0, 7)}00` },
        ];
  const picture =
    paint.kind === "texture" || paint.kind === "picture"
      ? paint.picture
      : (pictures[0]?.name ?? "");
  switch (kind) {
    case "flat":
      return { kind, colour };
    case "linear":
      return { kind, angle: 0, start: 0, end: 1, stops };
    case "radial":
      return { kind, x: 0.5, y: 0.5, radius: 1, stretched: false, stops };
    case "conic":
      return { kind, x: 0.5, y: 0.5, angle: -90, stops };
    case "texture":
      return {
        kind,
        picture,
        width: pictures.find((other) => other.name === picture)?.width ?? 64,
        turn: 0,
        right: 0,
        down: 0,
      };
    case "picture":
      return { kind, picture, fit: "COVER" };
  }
}

/** What the face is filled with, and how solid the piece is. */
export const PaintSection = memoOn(Paints, ({ piece, pictures }) => [
  piece.id,
  piece.name,
  "paint" in piece && piece.paint,
  piece.look.faceOpacity,
  piece.look.overallOpacity,
  piece.look.punch,
  pictures,
]);

function Paints({ piece, pictures, onChange }: Props) {
  const paint = piece.kind === "picture" ? null : piece.paint;
  const repaint = (next: Paint, key: string) =>
    onChange(
      (same) => (same.kind === "picture" ? same : { ...same, paint: next }),
      "Change the paint",
      key,
    );
  // Without a picture in the package there is nothing to fill with.
  const kinds =
    pictures.length > 0 || paint?.kind === "texture" || paint?.kind === "picture"
      ? PAINTS
      : PAINTS.slice(0, 4);
  return (
    <Section title="Paint">
      {paint && (
        <div>
          Filled with{" "}
          <Choice
            label="Kind of paint"
            value={paint.kind}
            options={kinds}
            onChange={(kind) => repaint(otherKind(paint, kind, pictures), "")}
          />
          <PaintValues paint={paint} pictures={pictures} onChange={repaint} />
        </div>
      )}
      {paint && "stops" in paint && (
        <Stops stops={paint.stops} onChange={(stops, key) => repaint({ ...paint, stops }, key)} />
      )}
      <LookSentence
        piece={piece}
        onChange={(look, did, key) =>
          onChange((same) => ({ ...same, look: { ...same.look, ...look } }), did, key)
        }
      />
    </Section>
  );
}

interface ValuesProps {
  paint: Paint;
  pictures: PictureSummary[];
  onChange: (paint: Paint, key: string) => void;
}

/** The end of the sentence: what the kind of paint needs to be told. */
function PaintValues({ paint, pictures, onChange }: ValuesProps) {
  const percent = (label: string, share: number, give: (share: number) => void) => (
    <NumberField
      label={label}
      value={Math.round(share * 1000) / 10}
      least={-1000}
      most={1000}
      unit=" %"
      onChange={(value) => give(value / 100)}
    />
  );
  const names = pictures.map((picture) => [picture.name, picture.name] as const);
  const named = (picture: string) =>
    names.some(([name]) => name === picture)
      ? names
      : [[picture, `${picture} (missing)`] as const, ...names];
  switch (paint.kind) {
    case "flat":
      return (
        <>
          {": "}
          <ColourField
            label="Colour"
            value={paint.colour}
            onChange={(colour) => onChange({ kind: "flat", colour }, "colour")}
          />
        </>
      );
    case "linear":
      return (
        <>
          {" "}
          at{" "}
          <NumberField
            label="Gradient direction in degrees"
            value={paint.angle}
            least={-360}
            most={360}
            unit="°"
            onChange={(angle) => onChange({ ...paint, angle }, "gradient-angle")}
          />{" "}
          from{" "}
          {percent("Gradient start", paint.start, (start) =>
            onChange({ ...paint, start }, "gradient-start"),
          )}{" "}
          to{" "}
          {percent("Gradient end", paint.end, (end) => onChange({ ...paint, end }, "gradient-end"))}
          :
        </>
      );
    case "radial":
      return (
        <>
          {" "}
          around {percent("Middle across", paint.x, (x) =>
            onChange({ ...paint, x }, "gradient-x"),
          )}{" "}
          across, {percent("Middle down", paint.y, (y) => onChange({ ...paint, y }, "gradient-y"))}{" "}
          down, reaching{" "}
          {percent("Gradient radius", paint.radius, (radius) =>
            onChange({ ...paint, radius: Math.max(0.001, radius) }, "gradient-radius"),
          )}
          ,{" "}
          <Choice
            label="Shape of the gradient"
            value={paint.stretched ? 1 : 0}
            options={[
              [0, "in circles"],
              [1, "stretched with the box"],
            ]}
            onChange={(stretched) => onChange({ ...paint, stretched: stretched === 1 }, "")}
          />
          :
        </>
      );
    case "conic":
      return (
        <>
          {" "}
          around {percent("Middle across", paint.x, (x) =>
            onChange({ ...paint, x }, "gradient-x"),
          )}{" "}
          across, {percent("Middle down", paint.y, (y) => onChange({ ...paint, y }, "gradient-y"))}{" "}
          down, from{" "}
          <NumberField
            label="Gradient direction in degrees"
            value={paint.angle}
            least={-360}
            most={360}
            unit="°"
            onChange={(angle) => onChange({ ...paint, angle }, "gradient-angle")}
          />
          :
        </>
      );
    case "texture":
      return (
        <>
          {": "}
          <Choice
            label="Picture of the paint"
            value={paint.picture}
            options={named(paint.picture)}
            onChange={(picture) => onChange({ ...paint, picture }, "")}
          />
          ,{" "}
          <NumberField
            label="Width of a repetition"
            value={paint.width}
            least={1}
            unit=" px"
            onChange={(width) => onChange({ ...paint, width }, "texture-width")}
          />{" "}
          wide, turned{" "}
          <NumberField
            label="Turn of the texture"
            value={paint.turn}
            least={-360}
            most={360}
            unit="°"
            onChange={(turn) => onChange({ ...paint, turn }, "texture-turn")}
          />
          , begun{" "}
          <NumberField
            label="Texture offset to the right"
            value={paint.right}
            unit=" right"
            onChange={(right) => onChange({ ...paint, right }, "texture-right")}
          />
          ,{" "}
          <NumberField
            label="Texture offset downwards"
            value={paint.down}
            unit=" down"
            onChange={(down) => onChange({ ...paint, down }, "texture-down")}
          />
          .
        </>
      );
    case "picture":
      return (
        <>
          {": "}
          <Choice
            label="Picture of the paint"
            value={paint.picture}
            options={named(paint.picture)}
            onChange={(picture) => onChange({ ...paint, picture }, "")}
          />
          ,{" "}
          <Choice
            label="Fit of the paint"
            value={paint.fit}
            options={FITS}
            onChange={(fit) => onChange({ ...paint, fit }, "")}
          />
          .
        </>
      );
  }
}
