import { useQuery } from "@tanstack/react-query";
import { ArrowLeft, Redo2, Undo2 } from "lucide-react";
import { useEffect, useState } from "react";
import { Link, useLocation, useParams } from "react-router";
import { answer, api, type FollowedHouse } from "../api/client";
import { Bar } from "../ui/Bar";
import { useKeys } from "../ui/keys";
import { useOverlay } from "../document/overlayStore";
import { Notice } from "../ui/Notice";
import { Typed } from "../ui/Typed";
import { ColourList } from "./ColourList";
import { FinishSetList } from "./FinishSetList";
import { FontList } from "./FontList";
import { HouseMenu } from "./HouseMenu";
import { MarginAndTargets } from "./MarginAndTargets";
import { MarkList } from "./MarkList";
import { NotMadeYet } from "./NotMadeYet";
import { OriginalList } from "./OriginalList";
import { ReadingPanel } from "./ReadingPanel";
import { useDraft } from "./useDraft";
import { useFollowed } from "../house/useHouse";

/** A package's house: what it has, and what follows it. */
export function HousePage() {
  const packageId = Number(useParams().packageId);
  const followed = useFollowed(packageId);
  // Nothing is open here; what would be changed beside the house is not.
  useEffect(() => useOverlay.getState().close(), []);
  if (!followed) return null;
  return <House key={packageId} packageId={packageId} followed={followed} />;
}

function House({ packageId, followed }: { packageId: number; followed: FollowedHouse }) {
  const draft = useDraft(packageId, followed);
  const { house, edit } = draft;
  const packages = useQuery({
    queryKey: ["packages"],
    queryFn: () => answer(api.GET("/api/packages")),
  });
  const graphics = packages.data?.find((one) => one.id === packageId);
  const state = useLocation().state as { overlay?: number } | null;
  const [problem, setProblem] = useState("");
  const toUndo = draft.begun ? "what is not made yet" : followed.undo;
  const toRedo = draft.begun ? "" : followed.redo;
  const canUndo = toUndo !== "";
  const canRedo = toRedo !== "";
  useKeys({
    ...(canUndo ? { "Mod+z": draft.undo } : {}),
    ...(canRedo
      ? { "Mod+Shift+Z": draft.redo, "Mod+Shift+z": draft.redo, "Mod+y": draft.redo }
      : {}),
  });
  const others = followed.followers.filter((one) => one.id !== packageId);
  return (
    <div className="flex h-full flex-col">
      <Bar>
        <Link
          to={state?.overlay ? `/overlays/${state.overlay}/compose` : "/"}
          className="btn btn-ghost btn-sm"
        >
          <ArrowLeft size={15} aria-hidden /> {state?.overlay ? "The overlay" : "Packages"}
        </Link>
        <h1 className="shrink-0 font-semibold">House</h1>
        <div className="flex shrink-0 items-center gap-1">
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            aria-label="Undo"
            title={canUndo ? `Undo: ${toUndo} (Ctrl Z)` : "Undo (Ctrl Z)"}
            disabled={!canUndo}
            onClick={draft.undo}
          >
            <Undo2 size={16} />
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-sm btn-square"
            aria-label="Redo"
            title={canRedo ? `Redo: ${toRedo} (Ctrl Shift Z)` : "Redo (Ctrl Shift Z)"}
            disabled={!canRedo}
            onClick={draft.redo}
          >
            <Redo2 size={16} />
          </button>
        </div>
      </Bar>
      <main className="min-h-0 flex-1 overflow-y-auto px-6 py-4">
        <div className="mb-3 flex items-start gap-4">
          <p className="min-w-0 flex-1">
            {followed.id === 0 ? (
              <>
                {graphics?.name ?? "The package"} follows no house yet. What you put in here becomes
                its house; or follow one that is there already.
              </>
            ) : (
              <>
                {graphics?.name ?? "The package"} follows the house{" "}
                <Typed
                  label="Name of the house"
                  value={house.name}
                  longest={120}
                  onTake={(name) => edit((same) => ({ ...same, name }))}
                />
                {others.length > 0 && `, as ${others.map((one) => one.name).join(", ")} does`}.
              </>
            )}
          </p>
          <HouseMenu packageId={packageId} followed={followed} onProblem={setProblem} />
        </div>
        {problem && (
          <div className="mb-3 max-w-3xl">
            <Notice>{problem}</Notice>
          </div>
        )}
        <div className="grid grid-cols-[minmax(0,5fr)_minmax(0,4fr)] gap-6">
          <div className="space-y-6">
            <ColourList house={house} edit={edit} />
            <FinishSetList house={house} edit={edit} packageId={packageId} />
            <OriginalList house={house} edit={edit} packageId={packageId} followed={followed} />
          </div>
          <div className="space-y-6">
            <MarkList
              house={house}
              edit={edit}
              packageId={packageId}
              begun={followed.id !== 0}
              onProblem={setProblem}
            />
            <FontList
              house={house}
              edit={edit}
              packageId={packageId}
              begun={followed.id !== 0}
              missing={followed.missingFonts}
              onProblem={setProblem}
            />
            <ReadingPanel house={house} edit={edit} packageId={packageId} onProblem={setProblem} />
            <MarginAndTargets house={house} edit={edit} packageId={packageId} />
          </div>
        </div>
      </main>
      <NotMadeYet draft={draft} />
    </div>
  );
}
