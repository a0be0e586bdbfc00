import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { answer, api, type DeliveryStatus, type Overlay, type Target } from "../api/client";
import { BackdropLayer } from "../backdrops/Backdrop";
import { useBackdrops } from "../backdrops/useBackdrops";
import { useOverlay } from "../document/overlayStore";
import { savedNow } from "../document/saving";
import { displayWidth } from "../stage/geometry";
import { Composite } from "../stage/Composite";
import { useDrawing } from "../stage/useDrawing";
import { Notice } from "../ui/Notice";
import { DeliveryReport } from "./DeliveryReport";
import { TargetSentences } from "./TargetSentences";
import { watchDelivery } from "./watchDelivery";

/** Writes the overlay to a file and says what is in it. */
export function DeliverPage() {
  const overlay = useOverlay((state) => state.overlay);
  const id = useOverlay((state) => state.id);
  const packageId = useOverlay((state) => state.packageId);
  if (!overlay || id === null) return null;
  return <Deliver overlay={overlay} id={id} packageId={packageId} />;
}

function suggestedName(name: string): string {
  return (
    name
      .trim()
      .toLowerCase()
      .replaceAll(/[/\\:*?"<>|]+/g, " ")
      .replaceAll(/\s+/g, "-")
      .slice(0, 60) || "overlay"
  );
}

function Deliver({ overlay, id, packageId }: { overlay: Overlay; id: number; packageId: number }) {
  const [target, setTarget] = useState<Target>({
    frame: overlay.frame,
    extent: "FRAME",
    format: "PNG",
    depth: "EIGHT",
    alpha: "STRAIGHT",
    compression: "DEFLATE",
    level: 2,
    dither: true,
    dotsPerInch: 72,
  });
  const [name, setName] = useState(suggestedName(overlay.name));
  const [running, setRunning] = useState<DeliveryStatus | null>(null);
  const [problem, setProblem] = useState("");
  const revision = useOverlay((state) => state.revision);
  const queries = useQueryClient();
  const preview = useQuery({
    queryKey: ["preview", id, revision, target, name],
    queryFn: () =>
      answer(
        api.POST("/api/overlays/{id}/deliveries/preview", {
          params: { path: { id } },
          body: { target, name },
        }),
      ),
    placeholderData: (before) => before,
  });
  const history = useQuery({
    queryKey: ["deliveries", id],
    queryFn: () => answer(api.GET("/api/overlays/{id}/deliveries", { params: { path: { id } } })),
  });
  const watched = history.data?.find((delivery) => delivery.state === "RUNNING")?.id;
  useEffect(() => {
    if (watched === undefined) return;
    return watchDelivery(watched, setRunning, () => {
      setRunning(null);
      void queries.invalidateQueries({ queryKey: ["deliveries", id] });
      void queries.invalidateQueries({ queryKey: ["preview", id] });
    });
  }, [watched, id, queries]);
  const deliver = async () => {
    setProblem("");
    try {
      if (!(await savedNow())) {
        setProblem("The overlay could not be saved, so it was not delivered.");
        return;
      }
      await answer(
        api.POST("/api/overlays/{id}/deliveries", {
          params: { path: { id } },
          body: { target, name },
        }),
      );
      await queries.invalidateQueries({ queryKey: ["deliveries", id] });
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  const wrong = preview.data?.problem ?? preview.error?.message ?? "";
  const busy = watched !== undefined;
  const ended = history.data?.filter((delivery) => delivery.state !== "RUNNING") ?? [];
  return (
    <div className="grid h-full grid-cols-[minmax(400px,5fr)_7fr] overflow-hidden">
      <form
        aria-label="Target"
        className="overflow-y-auto border-r border-base-300 bg-base-100 px-6 py-4"
        onSubmit={(event) => {
          event.preventDefault();
          if (!wrong && !busy) void deliver();
        }}
      >
        <TargetPicture overlay={overlay} packageId={packageId} />
        <TargetSentences
          target={target}
          master={overlay.frame}
          name={name}
          preview={preview.data}
          onTarget={setTarget}
          onName={setName}
        />
        {wrong && (
          <div className="mt-3">
            <Notice>{wrong}</Notice>
          </div>
        )}
        {problem && (
          <div className="mt-3">
            <Notice>{problem}</Notice>
          </div>
        )}
        <div className="mt-4 flex items-center gap-3">
          <button type="submit" className="btn btn-primary" disabled={busy || wrong !== ""}>
            Deliver
          </button>
          {busy && (
            <>
              <progress
                className="progress progress-primary w-48"
                aria-label="Lines written"
                value={running?.progress ?? 0}
                max={1}
              />
              <span role="status">{Math.round(100 * (running?.progress ?? 0))} %</span>
            </>
          )}
        </div>
      </form>
      <section aria-label="Delivered" className="overflow-y-auto px-6 py-4">
        <h2 className="mb-2 text-base font-semibold">Delivered</h2>
        {ended.length === 0 && (
          <p className="opacity-75">
            Nothing yet. Each file is read back by another decoder and compared with the drawing
            before it counts.
          </p>
        )}
        <ol>
          {ended.map((delivery, i) => (
            <li key={delivery.id}>
              <DeliveryReport delivery={delivery} newest={i === 0} />
            </li>
          ))}
        </ol>
      </section>
    </div>
  );
}

const HEIGHT = 190;

function TargetPicture({ overlay, packageId }: { overlay: Overlay; packageId: number }) {
  const zoom = HEIGHT / overlay.frame.height;
  const { drawn } = useDrawing(packageId, overlay, Math.min(1, zoom));
  const { chosen } = useBackdrops(packageId);
  return (
    <div
      className="relative mb-3 max-w-full overflow-hidden"
      style={{ width: displayWidth(overlay.frame) * zoom, height: HEIGHT }}
    >
      <BackdropLayer backdrop={chosen} />
      {drawn && (
        <Composite drawing={drawn.drawing} alt={`${overlay.name}; the backdrop is not delivered`} />
      )}
    </div>
  );
}
