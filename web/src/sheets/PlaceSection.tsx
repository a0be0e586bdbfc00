import type { Frame, Piece } from "../api/client";
import { PIN_POINTS, pinnedTo, type Size } from "../stage/geometry";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import { Section } from "./Section";

interface Props {
  piece: Piece;
  frame: Frame;
  size: Size | undefined;
  onChange: (next: (piece: Piece) => Piece, key: string) => void;
}

const AREAS = [
  ["FRAME", "the frame"],
  ["TITLE_SAFE", "title-safe"],
  ["ACTION_SAFE", "action-safe"],
] as const;

/** Where a piece hangs. Choosing another pin never moves it. */
export function PlaceSection({ piece, frame, size, onChange }: Props) {
  const { place } = piece;
  const repin = (pin: Parameters<typeof pinnedTo>[3]) =>
    onChange(
      (same) => ({
        ...same,
        place: size ? pinnedTo(frame, same.place, size, pin) : same.place,
      }),
      "",
    );
  const replace = (change: Partial<Piece["place"]>) =>
    onChange(
      (same) => ({ ...same, place: { ...same.place, ...change } }),
      Object.keys(change).join(),
    );
  return (
    <Section title="Place">
      <p>
        Hangs from{" "}
        <Choice
          label="Pin: point"
          value={place.point}
          options={PIN_POINTS}
          disabled={!size}
          onChange={(point) => repin({ point })}
        />{" "}
        of{" "}
        <Choice
          label="Pin: area"
          value={place.area}
          options={AREAS}
          disabled={!size}
          onChange={(area) => repin({ area })}
        />
        ,{" "}
        <NumberField
          label={place.right < 0 ? "Offset to the left" : "Offset to the right"}
          value={Math.abs(place.right)}
          onChange={(right) => replace({ right: place.right < 0 ? -right : right })}
        />{" "}
        <Choice
          label="Sideways"
          value={place.right < 0 ? -1 : 1}
          options={[
            [1, "right"],
            [-1, "left"],
          ]}
          onChange={(sign) => replace({ right: sign * Math.abs(place.right) })}
        />
        ,{" "}
        <NumberField
          label={place.down < 0 ? "Offset upwards" : "Offset downwards"}
          value={Math.abs(place.down)}
          onChange={(down) => replace({ down: place.down < 0 ? -down : down })}
        />{" "}
        <Choice
          label="Up or down"
          value={place.down < 0 ? -1 : 1}
          options={[
            [1, "down"],
            [-1, "up"],
          ]}
          onChange={(sign) => replace({ down: sign * Math.abs(place.down) })}
        />
        , turned{" "}
        <NumberField
          label="Turn in degrees, clockwise"
          value={place.turn}
          least={-360}
          most={360}
          unit="°"
          onChange={(turn) => replace({ turn })}
        />
        .
      </p>
    </Section>
  );
}
