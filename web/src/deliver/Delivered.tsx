import { useQuery } from "@tanstack/react-query";
import { answer, api, type RunStatus } from "../api/client";
import { DeliveryReport } from "./DeliveryReport";
import { RunLinks } from "./RunLinks";

/** What was delivered of an overlay, newest first. */
export function Delivered({ overlayId, runs }: { overlayId: number; runs: RunStatus[] }) {
  const history = useQuery({
    queryKey: ["deliveries", overlayId],
    queryFn: () =>
      answer(api.GET("/api/overlays/{id}/deliveries", { params: { path: { id: overlayId } } })),
  });
  const ended = history.data?.filter((delivery) => delivery.state !== "RUNNING") ?? [];
  const last = runs.find((run) => run.state !== "RUNNING");
  if (ended.length === 0) {
    return (
      <p className="opacity-75">
        Nothing yet. Each file is read back by another decoder and compared with the drawing before
        it counts.
      </p>
    );
  }
  return (
    <>
      {last && <RunLinks run={last} />}
      <ol>
        {ended.map((delivery, i) => (
          <li key={delivery.id}>
            <DeliveryReport delivery={delivery} newest={i === 0} />
          </li>
        ))}
      </ol>
    </>
  );
}
