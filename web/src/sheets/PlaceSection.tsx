import type { Arrangement, Hook, Overlay, Piece, Place } from "../api/client";
import { useShallow } from "zustand/react/shallow";
import { arrange } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";
import { beside, findPiece, groupsAround } from "../document/tree";
import { type Area, AREAS, hasOwnMargin, PIN_POINTS } from "../document/geometry";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import { memoOn } from "../ui/memoOn";
import { Section } from "../ui/Section";

interface Props {
  piece: Piece;
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
export const PlaceSection = memoOn(Hanging, ({ piece }) => [
  piece.id,
  piece.name,
  piece.place,
  piece.kind === "plate" && piece.backing,
]);

/** What a piece can hang from, as word and name in turn. */
function hooksFor(overlay: Overlay | null, id: string): string[] {
  if (!overlay) return [];
  const grouped = groupsAround(overlay.stack, id).length > 0;
  const siblings = beside(overlay.stack, id).filter((other) => other.id !== id);
  const areas = AREAS.filter(([area]) => area !== "OWN_MARGIN" || hasOwnMargin(overlay.frame));
  return [
    ...(grouped
      ? ["group", "the group"]
      : areas.flatMap(([area, words]) => [`frame:${area}`, words])),
    ...siblings.flatMap((other) => [`piece:${other.id}`, other.name]),
  ];
}

function Hanging({ piece }: Props) {
  const flat = useOverlay(useShallow((state) => hooksFor(state.overlay, piece.id)));
  if (piece.kind === "plate" && piece.backing.pieces.length > 0) {
    return (
      <Section title="Place">
        <p className="opacity-80">It lies around what it backs and moves with it.</p>
      </Section>
    );
  }
  const { place } = piece;
  // Made of the place as it is when the core is asked: another change may be on its way.
  const withPlace = (make: (now: Place) => Arrangement, did: string, key: string) =>
    void arrange(
      (newest) => {
        const same = findPiece(newest, piece.id);
        return same ? make(same.place) : null;
      },
      `${did} ${piece.name}`,
      { ids: [piece.id], key: key && `${piece.id}:${key}`, keepChoice: true },
    );
  const rehang = (change: (now: Place) => Partial<Pick<Place, "hook" | "point" | "own">>) =>
    withPlace(
      (now) => ({
        kind: "rehang",
        hook: now.hook,
        point: now.point,
        own: now.own,
        ...change(now),
      }),
      "Hang elsewhere:",
      "",
    );
  const replace = (
    change: (now: Place) => Partial<Pick<Place, "right" | "down" | "turn">>,
    key: "right" | "down" | "turn",
  ) =>
    withPlace(
      (now) => ({
        kind: "offset",
        right: now.right,
        down: now.down,
        turn: now.turn,
        ...change(now),
      }),
      key === "turn" ? "Turn" : "Move",
      key,
    );
  const hooks: (readonly [string, string])[] = [];
  for (let i = 0; i + 1 < flat.length; i += 2) hooks.push([flat[i] ?? "", flat[i + 1] ?? ""]);
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
                rehang((now) => (now.own === now.point ? { point, own: point } : { point }))
              }
            />{" "}
            of{" "}
          </>
        )}
        <Choice
          label="Pin: area"
          value={now}
          options={hooks}
          onChange={(word) => rehang(() => ({ hook: hookOf(word) }))}
        />{" "}
        by its{" "}
        <Choice
          label="Pin: own point"
          value={place.own}
          options={PIN_POINTS}
          onChange={(own) => rehang(() => ({ own }))}
        />
        ,{" "}
        <NumberField
          label="Offset sideways"
          always
          value={Math.abs(place.right)}
          onChange={(right) =>
            replace((now) => ({ right: now.right < 0 ? -right : right }), "right")
          }
        />{" "}
        <Choice
          label="Sideways"
          value={place.right < 0 ? -1 : 1}
          options={[
            [1, "right"],
            [-1, "left"],
          ]}
          onChange={(sign) => replace((now) => ({ right: sign * Math.abs(now.right) }), "right")}
        />
        ,{" "}
        <NumberField
          label="Offset up or down"
          always
          value={Math.abs(place.down)}
          onChange={(down) => replace((now) => ({ down: now.down < 0 ? -down : down }), "down")}
        />{" "}
        <Choice
          label="Up or down"
          value={place.down < 0 ? -1 : 1}
          options={[
            [1, "down"],
            [-1, "up"],
          ]}
          onChange={(sign) => replace((now) => ({ down: sign * Math.abs(now.down) }), "down")}
        />
        , turned{" "}
        <NumberField
          label="Turn in degrees, clockwise"
          value={place.turn}
          least={-360}
          most={360}
          unit="°"
          onChange={(turn) => replace(() => ({ turn }), "turn")}
        />
        {place.mirrored && ", mirrored"}.
      </p>
    </Section>
  );
}
