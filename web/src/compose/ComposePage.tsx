import { useQuery } from "@tanstack/react-query";
import { useDeferredValue, useRef, useState } from "react";
import { answer, api } from "../api/client";
import { useKeys } from "../app/keys";
import { BackdropStrip } from "../backdrops/BackdropStrip";
import { useBackdrops, useChosenBackdrop } from "../backdrops/useBackdrops";
import { newPlate, newText } from "../document/newPieces";
import { useOverlay } from "../document/overlayStore";
import { useFonts } from "../sheets/useFonts";
import { add } from "../stack/AddBar";
import { Stack } from "../stack/Stack";
import { duplicate, remove, selectNext, shift } from "../stack/stackActions";
import { displayWidth } from "../stage/geometry";
import { ReadOut } from "../stage/ReadOut";
import { Stage } from "../stage/Stage";
import { useDrawing } from "../stage/useDrawing";
import { useSize } from "../ui/useSize";
import { Notice } from "../ui/Notice";

const ROOM_AROUND = 40;

/** Where pieces are put on the frame, placed, painted and finished. */
export function ComposePage() {
  const overlay = useOverlay((state) => state.overlay);
  const packageId = useOverlay((state) => state.packageId);
  if (!overlay) return null;
  return <Compose overlay={overlay} packageId={packageId} />;
}

type Overlay = NonNullable<ReturnType<typeof useOverlay.getState>["overlay"]>;

function Compose({ overlay, packageId }: { overlay: Overlay; packageId: number }) {
  const selected = useOverlay((state) => state.selected);
  const { select, changePiece } = useOverlay.getState();
  const [zoom, setZoom] = useState<number | "fit">("fit");
  const [guides, setGuides] = useState(true);
  const [pointedAt, setPointedAt] = useState<string | null>(null);
  const [area, size] = useSize<HTMLDivElement>();
  const picker = useRef<HTMLButtonElement>(null);
  const { backdrops, chosen } = useBackdrops(packageId);
  const choose = useChosenBackdrop((state) => state.choose);
  const pictures = useQuery({
    queryKey: ["pictures", packageId],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/pictures", { params: { path: { id: packageId } } })),
  });
  useFonts(); // So that the first text chosen has them at hand.
  const width = displayWidth(overlay.frame);
  const fit = Math.max(
    0.02,
    Math.min(
      (size.width - ROOM_AROUND) / width,
      (size.height - ROOM_AROUND) / overlay.frame.height,
    ),
  );
  const scale = zoom === "fit" ? fit : zoom;
  const sharp = Math.min(1, Math.round(scale * window.devicePixelRatio * 1000) / 1000);
  const { drawn, problem } = useDrawing(packageId, overlay, size.width > 0 ? sharp : 0.25);
  // The small pictures may follow a moment later, so that the stage is true first.
  const settled = useDeferredValue(drawn);
  const zoomBy = (factor: number) =>
    setZoom((now) => Math.min(16, Math.max(0.05, (now === "fit" ? fit : now) * factor)));
  const move = (right: number, down: number) => {
    if (!selected) return;
    changePiece(
      selected,
      (piece) => ({
        ...piece,
        place: {
          ...piece.place,
          right: piece.place.right + right,
          down: piece.place.down + down,
        },
      }),
      `${selected}:move`,
    );
  };
  const withSelected = (act: (id: string) => void) => () => {
    if (selected) act(selected);
  };
  useKeys({
    t: () => add(newText),
    p: () => add(newPlate),
    i: () => picker.current?.click(),
    n: () => selectNext(1),
    "Shift+n": () => selectNext(-1),
    Escape: () => select(null),
    Enter: () =>
      document
        .querySelector<HTMLElement>(
          "[data-sheet] textarea, [data-sheet] input, [data-sheet] select",
        )
        ?.focus(),
    d: withSelected(duplicate),
    h: withSelected((id) => changePiece(id, (piece) => ({ ...piece, shown: !piece.shown }))),
    PageUp: withSelected((id) => shift(id, -1)),
    PageDown: withSelected((id) => shift(id, 1)),
    Delete: withSelected(remove),
    Backspace: withSelected(remove),
    ArrowLeft: () => move(-1, 0),
    ArrowRight: () => move(1, 0),
    ArrowUp: () => move(0, -1),
    ArrowDown: () => move(0, 1),
    "Shift+ArrowLeft": () => move(-10, 0),
    "Shift+ArrowRight": () => move(10, 0),
    "Shift+ArrowUp": () => move(0, -10),
    "Shift+ArrowDown": () => move(0, 10),
    f: () => setZoom("fit"),
    a: () => setZoom(1 / window.devicePixelRatio),
    "+": () => zoomBy(1.25),
    "=": () => zoomBy(1.25),
    "-": () => zoomBy(0.8),
    g: () => setGuides(!guides),
    ...Object.fromEntries(
      backdrops.map((backdrop, i) => [String(i + 1), () => choose(backdrop.name)]),
    ),
  });
  const chosenPiece = drawn?.drawing.pieces.find((piece) => piece.id === selected);
  return (
    <div className="flex h-full">
      <Stack
        overlay={overlay}
        packageId={packageId}
        drawn={settled}
        pictures={pictures.data ?? []}
        picker={picker}
        onPoint={setPointedAt}
      />
      <div className="flex min-w-0 flex-1 flex-col">
        {problem && (
          <div className="p-2">
            <Notice>{problem}</Notice>
          </div>
        )}
        <div ref={area} className="flex min-h-0 flex-1 overflow-auto bg-base-200">
          <div className="m-auto p-3">
            <Stage
              overlay={overlay}
              drawn={drawn}
              zoom={scale}
              backdrop={chosen}
              guides={guides}
              pointedAt={pointedAt}
              onZoomAt={zoomBy}
            />
          </div>
        </div>
        <div className="flex h-8 shrink-0 items-center justify-between gap-3 border-t border-base-300 bg-base-100 px-3 text-xs">
          <div className="min-w-0 truncate">
            {drawn && chosenPiece ? (
              <ReadOut frame={overlay.frame} drawing={drawn.drawing} piece={chosenPiece} />
            ) : (
              <span className="opacity-70">
                Choose a piece to see how far it lies from the frame's edges.
              </span>
            )}
          </div>
          <div className="flex shrink-0 items-center gap-1">
            <label className="mr-2 flex items-center gap-1">
              <input
                type="checkbox"
                className="checkbox checkbox-xs"
                checked={guides}
                onChange={(event) => setGuides(event.target.checked)}
              />
              Safe areas
            </label>
            <button
              type="button"
              className="btn btn-ghost btn-xs"
              onClick={() => zoomBy(0.8)}
              aria-label="Smaller"
            >
              −
            </button>
            <span role="status" aria-label="Zoom" className="w-11 text-center">
              {Math.round(scale * window.devicePixelRatio * 100)} %
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
              className={`btn btn-xs ${zoom === "fit" ? "btn-primary" : "btn-ghost"}`}
              onClick={() => setZoom("fit")}
            >
              Fit
            </button>
            <button
              type="button"
              className={`btn btn-xs ${zoom === 1 / window.devicePixelRatio ? "btn-primary" : "btn-ghost"}`}
              onClick={() => setZoom(1 / window.devicePixelRatio)}
            >
              1:1
            </button>
          </div>
        </div>
        <BackdropStrip
          backdrops={backdrops}
          chosen={chosen}
          drawing={settled?.drawing}
          shape={width / overlay.frame.height}
        />
      </div>
    </div>
  );
}
