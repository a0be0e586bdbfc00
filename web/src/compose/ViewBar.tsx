import { useHand } from "../stage/hand";
import type { View } from "./useView";

interface Props {
  percent: number;
  view: View;
  guides: boolean;
  setGuides: (on: boolean) => void;
}

/** How the stage is looked at. */
export function ViewBar(props: Props) {
  const { percent, view, guides, setGuides } = props;
  const { at, zoomBy, fit, actual } = view;
  const snapping = useHand((state) => state.snapping);
  const toggle = "btn btn-xs";
  return (
    <div className="flex shrink-0 items-center gap-1">
      <button
        type="button"
        className={`${toggle} ${snapping ? "btn-primary" : "btn-ghost"}`}
        aria-pressed={snapping}
        title="Snapping (S; Ctrl while dragging suspends it)"
        onClick={() => useHand.setState({ snapping: !snapping })}
      >
        Snap
      </button>
      <button
        type="button"
        className={`${toggle} ${guides ? "btn-primary" : "btn-ghost"}`}
        aria-pressed={guides}
        title="Safe areas and own margin (G)"
        onClick={() => setGuides(!guides)}
      >
        Guides
      </button>
      <button
        type="button"
        className="btn btn-ghost btn-xs"
        onClick={() => zoomBy(0.8)}
        aria-label="Smaller"
      >
        −
      </button>
      <span role="status" aria-label="Zoom" className="w-11 text-center">
        {percent} %
      </span>
      <button
        type="button"
        className="btn btn-ghost btn-xs"
        onClick={() => zoomBy(1.25)}
        aria-label="Larger"
      >
        +
      </button>
      <button
        type="button"
        className={`btn btn-xs ${at === "fit" ? "btn-primary" : "btn-ghost"}`}
        onClick={fit}
      >
        Fit
      </button>
      <button
        type="button"
        className={`btn btn-xs ${at === "actual" ? "btn-primary" : "btn-ghost"}`}
        onClick={actual}
      >
        1:1
      </button>
    </div>
  );
}
