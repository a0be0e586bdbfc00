import { useRef, useState } from "react";
import { useNavigate } from "react-router";
import { answer, api, type Frame, type Overlay } from "../api/client";
import { BackdropLayer } from "../backdrops/Backdrop";
import { useBackdrops } from "../backdrops/useBackdrops";
import { useOverlay } from "../document/overlayStore";
import { displayWidth, sameFrame, sizeInWords } from "../document/geometry";
import { Composite } from "../stage/Composite";
import { useDrawing } from "../stage/useDrawing";
import { NameInput } from "../ui/NameInput";
import { Notice } from "../ui/Notice";
import { DressSentence } from "./DressSentence";
import { FrameChooser } from "./FrameChooser";
import { FrameSummary } from "./FrameSummary";
import { OwnMarginSentence } from "./OwnMarginSentence";
import { SeenSentence } from "./SeenSentence";

/** The overlay's name and frame. Another frame is looked at before it is taken. */
export function FramePage() {
  const overlay = useOverlay((state) => state.overlay);
  const packageId = useOverlay((state) => state.packageId);
  const { change } = useOverlay.getState();
  const navigate = useNavigate();
  const [offered, setOffered] = useState<Overlay | null>(null);
  const [problem, setProblem] = useState("");
  const asked = useRef<Frame | null>(null);
  if (!overlay) return null;
  const offer = async (frame: Frame) => {
    setProblem("");
    asked.current = frame;
    if (sameFrame(frame, overlay.frame)) {
      setOffered(null);
      return;
    }
    try {
      const reframed = await answer(api.POST("/api/reframed", { body: { overlay, frame } }));
      // A size is typed figure by figure, and answers may come out of turn.
      if (asked.current === frame) setOffered(reframed);
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  const shown = offered ?? overlay;
  return (
    <div className="flex h-full gap-6 overflow-y-auto px-6 py-4">
      <div className="flex-1">
        <FrameChooser frame={shown.frame} onChoose={(frame) => void offer(frame)} />
      </div>
      <div className="w-72 shrink-0">
        <label className="mb-3 block">
          <span className="mb-1 block text-xs font-semibold uppercase tracking-wide opacity-75">
            Name of the overlay
          </span>
          <NameInput
            label="Name of the overlay"
            className="input w-full"
            longest={120}
            name={overlay.name}
            onChange={(name) => {
              if (name.trim() !== "") {
                change((same) => ({ ...same, name }), "Rename the overlay", "overlay-name");
              }
            }}
          />
        </label>
        {offered ? (
          <OnFrame overlay={offered} packageId={packageId} />
        ) : (
          <>
            <FrameSummary frame={overlay.frame} />
            <SeenSentence
              frame={overlay.frame}
              onChange={(seen, what) =>
                change((same) => ({ ...same, frame: { ...same.frame, ...seen } }), what, what)
              }
            />
            <DressSentence overlay={overlay} />
            <OwnMarginSentence
              frame={overlay.frame}
              packageId={packageId}
              onChange={(ownMargin) =>
                change(
                  (same) => ({ ...same, frame: { ...same.frame, ownMargin } }),
                  "Change the own margin",
                  "own-margin",
                )
              }
            />
          </>
        )}
        {problem && <Notice>{problem}</Notice>}
        {offered && (
          <div className="mt-3">
            <p className="mb-2 text-sm">
              Every piece keeps its pin; sizes follow the frame. This is how it would look on{" "}
              {sizeInWords(offered.frame)}.
            </p>
            <button
              type="button"
              className="btn btn-primary btn-sm w-full"
              onClick={() => {
                change(() => ({ ...offered, name: overlay.name }), "Take another frame");
                setOffered(null);
                void navigate("../compose");
              }}
            >
              Take this frame
            </button>
            <button
              type="button"
              className="btn btn-ghost btn-sm mt-1 w-full"
              onClick={() => setOffered(null)}
            >
              Keep {overlay.frame.width} × {overlay.frame.height}
            </button>
          </div>
        )}
      </div>
    </div>
  );
}

const BOX = 288;

function OnFrame({ overlay, packageId }: { overlay: Overlay; packageId: number }) {
  const { frame } = overlay;
  const width = displayWidth(frame);
  const zoom = BOX / Math.max(width, frame.height);
  const { drawn } = useDrawing(packageId, overlay, Math.min(1, zoom));
  const { chosen } = useBackdrops(packageId);
  return (
    <div className="flex justify-center">
      <div className="relative" style={{ width: width * zoom, height: frame.height * zoom }}>
        <BackdropLayer backdrop={chosen} />
        {drawn && <Composite drawing={drawn.drawing} alt="The overlay on the other frame" />}
      </div>
    </div>
  );
}
