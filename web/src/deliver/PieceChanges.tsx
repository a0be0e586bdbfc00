import { X } from "lucide-react";
import type { Overlay } from "../api/client";
import { allPieces } from "../document/tree";
import { Choice } from "../ui/Choice";
import { NumberField } from "../ui/NumberField";
import { atTarget, changeAt, leaveAt } from "./retarget";

const NOTHING = "";

/** What lies elsewhere, is larger or is hidden at one target only. */
export function PieceChanges({ overlay, target }: { overlay: Overlay; target: string }) {
  const { changes } = atTarget(overlay, target);
  const pieces = allPieces(overlay.stack);
  const others = pieces.filter((piece) => !changes.some((change) => change.piece === piece.id));
  return (
    <section aria-label="Different at this target" className="mt-2 text-[15px] leading-8">
      {changes.map((change) => {
        const name = pieces.find((piece) => piece.id === change.piece)?.name ?? change.piece;
        return (
          <p key={change.piece} className="flex items-baseline gap-1">
            <span className="min-w-0 flex-1">
              <strong>{name}</strong> lies{" "}
              <NumberField
                label={`${name}: right at this target`}
                value={change.right}
                onChange={(right) => changeAt(target, change.piece, { right })}
              />{" "}
              further right,{" "}
              <NumberField
                label={`${name}: down at this target`}
                value={change.down}
                onChange={(down) => changeAt(target, change.piece, { down })}
              />{" "}
              down,{" "}
              <NumberField
                label={`${name}: size at this target`}
                value={100 * change.scale}
                least={5}
                most={2000}
                unit=" %"
                onChange={(percent) => changeAt(target, change.piece, { scale: percent / 100 })}
              />{" "}
              as large,{" "}
              <Choice
                label={`${name}: shown at this target`}
                value={change.shown ? 1 : 0}
                options={[
                  [1, "shown"],
                  [0, "hidden"],
                ]}
                onChange={(shown) => changeAt(target, change.piece, { shown: shown === 1 })}
              />
              .
            </span>
            <button
              type="button"
              className="btn btn-ghost btn-xs btn-square"
              aria-label={`${name}: as everywhere`}
              onClick={() => leaveAt(target, change.piece)}
            >
              <X size={14} />
            </button>
          </p>
        );
      })}
      {others.length > 0 && (
        <p className="text-sm">
          <Choice
            label="Piece to change at this target"
            value={NOTHING}
            options={[
              [NOTHING, changes.length === 0 ? "No piece differs; change one…" : "Change another…"],
              ...others.map((piece) => [piece.id, piece.name] as const),
            ]}
            onChange={(piece) => piece && changeAt(target, piece, {})}
          />
        </p>
      )}
    </section>
  );
}
