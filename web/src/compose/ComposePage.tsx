import { useCallback, useRef, useState } from "react";
import type { Overlay } from "../api/client";
import { BackdropStrip } from "./BackdropStrip";
import { useBackdrops } from "../backdrops/useBackdrops";
import { useCutting } from "../cutout/cutting";
import { say, useArranging } from "../document/arrange";
import { useClipboard } from "./clipboard";
import { useOverlay } from "../document/overlayStore";
import { useHouse } from "../house/useHouse";
import { DropTarget } from "../pictures/DropTarget";
import { usePictures } from "../pictures/usePictures";
import { DecisiveStrip } from "../roster/DecisiveStrip";
import { RowChoice } from "../roster/RowChoice";
import { useRowInHand } from "../roster/rowInHand";
import { useRosters } from "../roster/useRosters";
import { useFonts } from "../fonts/useFonts";
import { Stack } from "../stack/Stack";
import { useEditing } from "../stage/editing";
import { displayWidth } from "../document/geometry";
import { ReadOut } from "../stage/ReadOut";
import { type Asked, Stage } from "../stage/Stage";
import { useDrawing } from "../stage/useDrawing";
import { Notice } from "../ui/Notice";
import { Tabs } from "../ui/Tabs";
import { useLate } from "../ui/useLate";
import { useRested } from "../ui/useRested";
import { useSize } from "../ui/useSize";
import { actionsOf } from "./actions";
import { CommandField } from "./CommandField";
import { StageMenu } from "./StageMenu";
import { useButtonsGiveBack } from "./useButtonsGiveBack";
import { useComposeKeys } from "./useComposeKeys";
import { useJumps } from "./useJumps";
import { useSignOfKeys } from "./useSignOfKeys";
import { useView } from "./useView";
import { ViewBar } from "./ViewBar";
import { ViewMover } from "./ViewMover";

const REST_MS = 180;

/** A drawing that takes longer says that it is being made. */
const LATE_MS = 200;

/** What the small pictures beneath the stage show. */
const STRIPS = ["Backdrops", "Rows"] as const;

/** Where pieces are put on the frame, placed, painted and finished. */
export function ComposePage() {
  const overlay = useOverlay((state) => state.overlay);
  const packageId = useOverlay((state) => state.packageId);
  if (!overlay) return null;
  return <Compose overlay={overlay} packageId={packageId} />;
}

function Compose({ overlay, packageId }: { overlay: Overlay; packageId: number }) {
  const selected = useOverlay((state) => state.selected);
  const [guides, setGuides] = useState(true);
  const [pointedAt, setPointedAt] = useState<string | null>(null);
  const [asked, setAsked] = useState<Asked | null>(null);
  const [finding, setFinding] = useState(false);
  const [area, size] = useSize<HTMLDivElement>();
  const stage = useRef<HTMLDivElement>(null);
  const { backdrops, chosen } = useBackdrops(packageId);
  const pictures = usePictures(packageId);
  // So that the first sheet to unfold has them at hand.
  useFonts();
  useHouse(packageId);
  useClipboard();
  const width = displayWidth(overlay.frame);
  const view = useView(overlay.frame, size, area, stage);
  const { scale } = view;
  const sharp = Math.min(1, Math.round(scale * window.devicePixelRatio * 1000) / 1000);
  const overlayId = useOverlay((state) => state.id);
  const revision = useOverlay((state) => state.revision);
  const { rosters } = useRosters(packageId, revision);
  const roster = rosters.find((one) =>
    one.asking.some((design) => design.overlayId === overlayId && design.fed),
  );
  const design = roster?.asking.find((one) => one.overlayId === overlayId);
  const [strip, setStrip] = useState<(typeof STRIPS)[number]>("Backdrops");
  const rowInHand = useRowInHand((state) => state.rows);
  const editing = useEditing((state) => state.id);
  const cutting = useCutting((state) => state.open);
  const { drawn, problem } = useDrawing(
    packageId,
    overlay,
    size.width > 0 ? sharp : 0.25,
    editing,
    cutting,
    roster ? (rowInHand[roster.id] ?? 0) : 0,
  );
  const late = useLate(!problem && !cutting && drawn?.overlay !== overlay, LATE_MS);
  const refused = useArranging((state) => state.problem);
  // The small pictures follow when the hand rests: until then the stage has the machine to itself.
  const settled = useRested(drawn?.overlay === overlay ? drawn : null, REST_MS);
  /** The stage lies within its own padding. */
  const toFrame = (event: { clientX: number; clientY: number }) => {
    const box = stage.current?.firstElementChild?.getBoundingClientRect();
    return {
      x: (event.clientX - (box?.left ?? 0)) / scale,
      y: (event.clientY - (box?.top ?? 0)) / scale,
    };
  };
  const actions = actionsOf({
    view,
    toggleGuides: () => setGuides(!guides),
  });
  const closeMenu = useCallback(() => setAsked(null), []);
  const closeField = useCallback(() => setFinding(false), []);
  const find = useCallback(() => setFinding(true), []);
  useComposeKeys(actions, backdrops, find);
  useJumps();
  useSignOfKeys();
  useButtonsGiveBack();
  return (
    <div className="flex h-full">
      <Stack
        overlay={overlay}
        packageId={packageId}
        drawing={settled?.drawing}
        pictures={pictures}
        onPoint={setPointedAt}
        onFind={find}
      />
      <div className="flex min-w-0 flex-1 flex-col">
        {(problem || refused) && (
          <div className="flex items-start gap-2 p-2">
            <div className="flex-1">
              <Notice>{problem || refused}</Notice>
            </div>
            {refused && !problem && (
              <button type="button" className="btn btn-ghost btn-sm" onClick={() => say("")}>
                All right
              </button>
            )}
          </div>
        )}
        <DropTarget toFrame={toFrame}>
          <ViewMover view={view} area={area}>
            <div
              ref={stage}
              className="m-auto p-3"
              style={{ paddingInline: view.room.x + 12, paddingBlock: view.room.y + 12 }}
            >
              <Stage
                overlay={overlay}
                drawn={drawn}
                settled={settled}
                zoom={scale}
                backdrop={chosen}
                guides={guides}
                pointedAt={pointedAt}
                onAsk={setAsked}
              />
            </div>
          </ViewMover>
          {late && (
            <p
              role="status"
              className="pointer-events-none absolute left-2 top-2 z-10 flex items-center gap-2 rounded bg-base-100/90 px-2 py-1 text-xs"
            >
              <span className="loading loading-spinner loading-xs" aria-hidden />
              Drawing…
            </p>
          )}
          {finding && (
            <CommandField
              actions={actions}
              anythingChosen={selected.length > 0}
              onClose={closeField}
            />
          )}
          {asked && <StageMenu asked={asked} actions={actions} onClose={closeMenu} />}
        </DropTarget>
        <div className="flex h-10 shrink-0 items-center justify-between gap-3 overflow-x-auto overflow-y-hidden border-t border-base-300 bg-base-100 px-3 text-xs">
          {roster && overlayId !== null && <RowChoice saved={roster} overlayId={overlayId} />}
          <div className="@container min-w-0 flex-1 overflow-hidden">
            {drawn && selected.length > 0 ? (
              <ReadOut frame={overlay.frame} drawing={drawn.drawing} chosen={selected} />
            ) : (
              <span className="opacity-70">Choose a piece to see where it lies.</span>
            )}
          </div>
          <ViewBar
            percent={Math.round(scale * window.devicePixelRatio * 100)}
            view={view}
            guides={guides}
            setGuides={setGuides}
          />
        </div>
        <div className="flex shrink-0 items-center border-t border-base-300 bg-base-100">
          {roster && design && (
            <Tabs
              label="Small pictures"
              names={STRIPS}
              chosen={strip}
              onChoose={setStrip}
              className="join-vertical ml-3"
            />
          )}
          {roster && design && strip === "Rows" ? (
            <DecisiveStrip saved={roster} design={design} backdrop={chosen} />
          ) : (
            <BackdropStrip
              backdrops={backdrops}
              chosen={chosen}
              drawing={settled?.drawing}
              shape={width / overlay.frame.height}
            />
          )}
        </div>
      </div>
    </div>
  );
}
