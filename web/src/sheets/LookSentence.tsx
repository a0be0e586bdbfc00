import type { Look, Piece, Punch } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";

interface Props {
  piece: Piece;
  onChange: (look: Partial<Look>, did: string, key: string) => void;
}

const IN_GROUP: readonly (readonly [Punch, string])[] = [
  ["NONE", "painted"],
  ["GROUP", "cut through its group"],
  ["EVERYTHING", "cut through everything behind"],
];

const ALONE: readonly (readonly [Punch, string])[] = [
  ["NONE", "painted"],
  ["GROUP", "cut through what lies behind"],
];

/** How solid a piece is, and whether it is painted or cuts. */
export function LookSentence({ piece, onChange }: Props) {
  const alone = useOverlay(
    (state) => state.overlay?.stack.some((other) => other.id === piece.id) ?? true,
  );
  const { look } = piece;
  const options = alone && look.punch !== "EVERYTHING" ? ALONE : IN_GROUP;
  return (
    <p>
      Face opacity{" "}
      <NumberField
        label="Face opacity, percent"
        value={Math.round(look.faceOpacity * 1000) / 10}
        least={0}
        most={100}
        unit=" %"
        onChange={(percent) => onChange({ faceOpacity: percent / 100 }, "Thin the face", "face")}
      />
      , overall{" "}
      <NumberField
        label="Overall opacity, percent"
        value={Math.round(look.overallOpacity * 1000) / 10}
        least={0}
        most={100}
        unit=" %"
        onChange={(percent) =>
          onChange({ overallOpacity: percent / 100 }, "Thin the piece", "overall")
        }
      />
      ,{" "}
      <Choice
        label="Painted or cut"
        value={look.punch}
        options={options}
        onChange={(punch) => onChange({ punch }, punch === "NONE" ? "Paint" : "Punch", "")}
      />
      .
    </p>
  );
}
