import type { Hook, Piece, Place } from "../api/client";
import { arrange } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";
import { beside, groupsAround } from "../document/tree";
import { type Area, AREAS, hasOwnMargin, PIN_POINTS } from "../stage/geometry";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import { Section } from "./Section";

interface Props {
  piece: Piece;
  onChange: (next: (piece: Piece) => Piece, did: string, key: string) => void;
}

/** A hook as one word for a list: "frame:TITLE_SAFE", "piece:name" or "group". */
function wordOf(hook: Hook): string {
  if (hook.kind === "frame") return `frame:${hook.area}`;
  return hook.kind === "piece" ? `piece:${hook.piece}` : "group";
}

function hookOf(word: string): Hook {
  const [kind, rest = ""] = word.split(/:(.*)/);
  if (kind === "frame") return { kind, area: rest as Area };
  return kind === "piece" ? { kind, piece: rest } : { kind: "group" };
}

/** Where a piece hangs. Choosing another pin never moves it. */
export function PlaceSection({ piece, onChange }: Props) {
  const overlay = useOverlay((state) => state.overlay);
  if (!overlay) return null;
  if (piece.kind === "plate" && piece.hug.pieces.length > 0) {
    return (
      <Section title="Place">
        <p className="opacity-80">It lies around what it hugs and moves with it.</p>
      </Section>
    );
  }
  const { place } = piece;
  const rehang = (change: Partial<Pick<Place, "hook" | "point" | "own">>) => {
    const next = { hook: place.hook, point: place.point, own: place.own, ...change };
    void arrange({ kind: "rehang", ...next }, `Hang ${piece.name} elsewhere`, {
      ids: [piece.id],
    });
  };
  const grouped = groupsAround(overlay.stack, piece.id).length > 0;
  const replace = (change: Partial<Pick<Place, "right" | "down" | "turn">>) => {
    const did = `${"turn" in change ? "Turn" : "Move"} ${piece.name}`;
    const key = Object.keys(change).join();
    if (grouped) {
      // The core keeps what lies beside it in the group where it is.
      const { right, down, turn } = { ...place, ...change };
      void arrange({ kind: "offset", right, down, turn }, did, {
        ids: [piece.id],
        key: `${piece.id}:${key}`,
      });
    } else {
      onChange((same) => ({ ...same, place: { ...same.place, ...change } }), did, key);
    }
  };
  const siblings = beside(overlay.stack, piece.id).filter((other) => other.id !== piece.id);
  const hooks: (readonly [string, string])[] = grouped
    ? [["group", "the group"]]
    : AREAS.filter(([area]) => area !== "OWN_MARGIN" || hasOwnMargin(overlay.frame)).map(
        ([area, words]) => [`frame:${area}`, words] as const,
      );
  hooks.push(...siblings.map((other) => [`piece:${other.id}`, other.name] as const));
  const now = wordOf(place.hook);
  if (!hooks.some(([word]) => word === now)) hooks.push([now, "something gone"]);
  const pointChosen = place.hook.kind !== "group";
  return (
    <Section title="Place">
      <p>
        Hangs from{" "}
        {pointChosen && (
          <>
            <Choice
              label="Pin: point"
              value={place.point}
              options={PIN_POINTS}
              onChange={(point) =>
                rehang(place.own === place.point ? { point, own: point } : { point })
              }
            />{" "}
            of{" "}
          </>
        )}
        <Choice
          label="Pin: area"
          value={now}
          options={hooks}
          onChange={(word) => rehang({ hook: hookOf(word) })}
        />{" "}
        by its{" "}
        <Choice
          label="Pin: own point"
          value={place.own}
          options={PIN_POINTS}
          onChange={(own) => rehang({ own })}
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
        {place.mirrored && ", mirrored"}.
      </p>
    </Section>
  );
}
