import type { Fit, TextBox, TextPiece } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { groupsAround } from "../document/tree";
import { areaOf } from "../document/geometry";
import { Choice } from "../ui/Choice";
import { memoOn } from "../ui/memoOn";
import { NumberField } from "../ui/NumberField";

interface Props {
  piece: TextPiece;
  /** What was done to fit the words; empty for nothing. */
  note: string;
  /** How large the words are as they are seen, in display units; 0 while that is not known. */
  seen: { width: number; height: number };
  onChange: (next: (piece: TextPiece) => TextPiece, did: string, key: string) => void;
}

const FITS: readonly (readonly [Fit["kind"], string])[] = [
  ["as-set", "stick out"],
  ["shrink", "shrink"],
  ["condense", "are narrowed"],
  ["wrap", "wrap"],
  ["refuse", "are refused"],
];

function fitOf(kind: Fit["kind"]): Fit {
  switch (kind) {
    case "shrink":
      return { kind, floor: 0.7 };
    case "condense":
      return { kind, floor: 0.8 };
    case "wrap":
      return { kind, lines: 0 };
    case "as-set":
    case "refuse":
      return { kind };
  }
}

/** Whether the words have a box, and what becomes of those too long for it. */
export const BoxSentence = memoOn(Box, ({ piece, note, seen }) => [
  piece.id,
  piece.name,
  piece.box,
  note,
  seen.width,
  seen.height,
]);

function Box({ piece, note, seen, onChange }: Props) {
  const { box } = piece;
  const rebox = (next: TextBox, did: string, key: string) =>
    onChange((text) => ({ ...text, box: next }), did, key);
  const overlay = useOverlay((state) => state.overlay);
  const grouped = overlay ? groupsAround(overlay.stack, piece.id).length > 0 : true;
  // As large as the words are seen: giving them a box changes nothing by itself.
  const asSeen = (): TextBox => ({
    kind: "given",
    width: Math.max(1, Math.ceil(seen.width)),
    height: Math.max(1, Math.ceil(seen.height)),
    upright: "MIDDLE",
    fit: fitOf("shrink"),
  });
  const fillMargins = () => {
    if (!overlay) return;
    const { width, height } = areaOf(overlay.frame, "TITLE_SAFE");
    onChange(
      (text) => ({
        ...text,
        box: {
          kind: "given",
          width: Math.floor(width),
          height: Math.floor(height),
          upright: "MIDDLE",
          fit: fitOf("wrap"),
        },
        place: {
          ...text.place,
          hook: { kind: "frame", area: "TITLE_SAFE" },
          point: "CENTRE",
          own: "CENTRE",
          right: 0,
          down: 0,
          turn: 0,
        },
      }),
      "Fill title-safe with the words",
      "",
    );
  };
  return (
    <p>
      The words have{" "}
      <Choice
        label="Box"
        value={box.kind}
        options={[
          ["free", "the room they need"],
          ["given", "a given box"],
          ...(grouped ? [] : ([["margins", "all of title-safe"]] as const)),
        ]}
        onChange={(kind: TextBox["kind"] | "margins") => {
          if (kind === "margins") fillMargins();
          else if (kind === "free") rebox({ kind }, "Free the words of their box", "");
          else rebox(asSeen(), "Give the words a box", "");
        }}
      />
      {box.kind === "given" && <GivenBox box={box} onChange={rebox} />}.
      {note && (
        <span role="status" className="block text-xs text-primary">
          {note}
        </span>
      )}
    </p>
  );
}

type Given = Extract<TextBox, { kind: "given" }>;

function GivenBox(props: {
  box: Given;
  onChange: (box: TextBox, did: string, key: string) => void;
}) {
  const { box, onChange: rebox } = props;
  const { fit } = box;
  return (
    <>
      {" "}
      of{" "}
      <NumberField
        label="Width of the box"
        value={box.width}
        least={1}
        onChange={(width) => rebox({ ...box, width }, "Change the text’s box", "box-width")}
      />{" "}
      ×{" "}
      <NumberField
        label="Height of the box"
        value={box.height}
        least={1}
        unit=" px"
        onChange={(height) => rebox({ ...box, height }, "Change the text’s box", "box-height")}
      />
      , lie at its{" "}
      <Choice
        label="Lines in the box"
        value={box.upright}
        options={[
          ["TOP", "top"],
          ["MIDDLE", "middle"],
          ["BOTTOM", "bottom"],
        ]}
        onChange={(upright) => rebox({ ...box, upright }, "Change the text’s box", "")}
      />
      , and if too long{" "}
      <Choice
        label="Fit"
        value={fit.kind}
        options={FITS}
        onChange={(kind) => rebox({ ...box, fit: fitOf(kind) }, "Fit the words", "")}
      />
      {(fit.kind === "shrink" || fit.kind === "condense") && (
        <>
          {" "}
          to no less than{" "}
          <NumberField
            label="Smallest share, percent"
            value={Math.round(fit.floor * 100)}
            least={fit.kind === "shrink" ? 5 : 20}
            most={100}
            digits={0}
            unit=" %"
            onChange={(percent) =>
              rebox({ ...box, fit: { ...fit, floor: percent / 100 } }, "Fit the words", "floor")
            }
          />
        </>
      )}
      {fit.kind === "wrap" && (
        <>
          {" "}
          to{" "}
          <Choice
            label="Limit of lines"
            value={fit.lines === 0 ? 0 : 1}
            options={[
              [0, "as many lines as there is room for"],
              [1, "at most"],
            ]}
            onChange={(limit) =>
              rebox({ ...box, fit: { ...fit, lines: limit === 0 ? 0 : 2 } }, "Fit the words", "")
            }
          />
          {fit.lines > 0 && (
            <>
              {" "}
              <NumberField
                label="Most lines"
                value={fit.lines}
                least={1}
                most={100}
                digits={0}
                unit=" lines"
                onChange={(lines) =>
                  rebox(
                    { ...box, fit: { ...fit, lines: Math.round(lines) } },
                    "Fit the words",
                    "lines",
                  )
                }
              />
            </>
          )}
        </>
      )}
    </>
  );
}
