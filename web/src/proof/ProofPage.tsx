import { useState } from "react";
import type { Overlay } from "../api/client";
import { useKeys } from "../ui/keys";
import { useBackdrops, useChosenBackdrop } from "../backdrops/useBackdrops";
import { useOverlay } from "../document/overlayStore";
import { Screening } from "../screening/Screening";
import { Checks } from "./Checks";
import { OneBackdrop } from "./OneBackdrop";
import { ProofBar, type View } from "./ProofBar";
import { Wall } from "./Wall";

/** The overlay over all it may meet, at once or one at a time, and as an editor will get it. */
export function ProofPage() {
  const overlay = useOverlay((state) => state.overlay);
  const id = useOverlay((state) => state.id);
  const packageId = useOverlay((state) => state.packageId);
  const [view, setView] = useState<View>("All backdrops");
  if (!overlay || id === null) return null;
  if (view === "Screening") {
    return (
      <div className="flex h-full flex-col">
        <ProofBar view={view} onView={setView} />
        <Screening packageId={packageId} overlayId={id} />
      </div>
    );
  }
  return <Looking overlay={overlay} packageId={packageId} view={view} onView={setView} />;
}

interface Props {
  overlay: Overlay;
  packageId: number;
  view: View;
  onView: (view: View) => void;
}

function Looking({ overlay, packageId, view, onView }: Props) {
  const { backdrops, chosen } = useBackdrops(packageId);
  const choose = useChosenBackdrop((state) => state.choose);
  const alone = view === "One backdrop";
  const step = (by: number) => {
    const at = backdrops.findIndex((backdrop) => backdrop.name === chosen.name);
    const next = backdrops[(at + by + backdrops.length) % backdrops.length];
    if (next) choose(next.name);
  };
  useKeys({
    Escape: () => onView("All backdrops"),
    ArrowRight: () => step(1),
    ArrowLeft: () => step(-1),
    Enter: () => onView(alone ? "All backdrops" : "One backdrop"),
    ...Object.fromEntries(
      backdrops.map((backdrop, i) => [String(i + 1), () => choose(backdrop.name)]),
    ),
  });
  const Place = alone ? OneBackdrop : Wall;
  return (
    <div className="flex h-full">
      <div className="flex min-w-0 flex-1 flex-col">
        <Place overlay={overlay} packageId={packageId} view={view} onView={onView} />
      </div>
      <Checks overlay={overlay} packageId={packageId} />
    </div>
  );
}
