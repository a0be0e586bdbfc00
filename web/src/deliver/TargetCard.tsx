import type { NamedTarget, Overlay, PlanLine } from "../api/client";
import { BackdropLayer } from "../backdrops/Backdrop";
import { useBackdrops } from "../backdrops/useBackdrops";
import { Composite } from "../stage/Composite";
import { displayWidth } from "../document/geometry";
import { useDrawing } from "../stage/useDrawing";
import { useOpenMatters } from "./proofAt";
import { atTarget, deliverAt, fileOf, useRetargeted } from "./retarget";

const HEIGHT = 88;
const LEAST_WIDTH = 88;

interface Props {
  target: NamedTarget;
  overlay: Overlay;
  packageId: number;
  /** Nothing as long as it is not known, and for an overlay that goes out with rows. */
  plan: PlanLine | undefined;
  planned: boolean;
  chosen: boolean;
  onChoose: () => void;
}

const STANDING: Record<PlanLine["standing"], string> = {
  NEW: "not delivered yet",
  CHANGED: "changed since",
  SAME: "delivered as it is",
};

/** The overlay on a target's frame, and how it stands there. */
export function TargetCard(props: Props) {
  const { target, overlay, packageId, plan, planned, chosen, onChoose } = props;
  const there = useRetargeted(overlay, target);
  const { delivered, changes } = atTarget(overlay, target.name);
  const frame = there?.frame ?? overlay.frame;
  const file = fileOf(overlay, target);
  const open = useOpenMatters(packageId, overlay, target, delivered);
  return (
    <li
      className={`flex shrink-0 flex-col rounded-box border p-2 ${chosen ? "border-primary bg-base-100" : "border-base-300"}`}
    >
      <button
        type="button"
        aria-pressed={chosen}
        aria-label={`Target ${target.name}`}
        className="flex flex-col items-start gap-1 text-left"
        onClick={onChoose}
      >
        <span className="flex w-full justify-center" style={{ minWidth: LEAST_WIDTH }}>
          {there ? (
            <Picture overlay={there} packageId={packageId} faint={!delivered} />
          ) : (
            <span className="checker block" style={{ width: LEAST_WIDTH, height: HEIGHT }} />
          )}
        </span>
        <span className="max-w-44 truncate text-sm font-medium">{target.name}</span>
        <span className="text-xs opacity-75">
          {frame.width} × {frame.height}, {file.format} {file.depth === "EIGHT" ? 8 : 16} bit
        </span>
        <span
          className={`text-xs ${plan?.problem ? "text-error" : plan?.standing === "CHANGED" ? "text-warning" : "opacity-75"}`}
          title={plan?.problem || plan?.changes.join(" ")}
        >
          {!delivered
            ? "stays out"
            : plan?.problem
              ? "cannot be written"
              : plan
                ? STANDING[plan.standing]
                : planned
                  ? "goes out with its rows"
                  : "…"}
          {changes.length > 0 &&
            `, ${changes.length} ${changes.length === 1 ? "piece differs" : "pieces differ"}`}
        </span>
        {open !== undefined && open.length > 0 && (
          <span className="text-xs text-warning" title={open.map((one) => one.sentence).join("\n")}>
            {open.length === 1 ? "1 thing" : `${open.length} things`} open in Proof
          </span>
        )}
      </button>
      <label className="mt-1 flex items-center gap-2 text-xs">
        <input
          type="checkbox"
          className="checkbox checkbox-xs"
          aria-label={`Goes out at ${target.name}`}
          checked={delivered}
          onChange={(event) => deliverAt(target.name, event.target.checked)}
        />
        goes out here
      </label>
    </li>
  );
}

function Picture(props: { overlay: Overlay; packageId: number; faint: boolean }) {
  const { overlay, packageId, faint } = props;
  const zoom = HEIGHT / overlay.frame.height;
  const { drawn } = useDrawing(packageId, overlay, Math.min(1, zoom * window.devicePixelRatio));
  const { chosen } = useBackdrops(packageId);
  return (
    <span
      className={`relative block overflow-hidden ${faint ? "opacity-30" : ""}`}
      style={{ width: displayWidth(overlay.frame) * zoom, height: HEIGHT }}
    >
      <BackdropLayer backdrop={chosen} />
      {drawn && (
        <Composite drawing={drawn.drawing} alt={`${overlay.name}; the backdrop is not delivered`} />
      )}
    </span>
  );
}
