import type { RunStatus } from "../api/client";

/** Follows a delivery run until it has ended; gives a function that stops following. */
export function watchRun(
  id: number,
  onStatus: (status: RunStatus) => void,
  onEnd: () => void,
): () => void {
  const events = new EventSource(`/api/delivery-runs/${id}/events`);
  events.addEventListener("status", (event: MessageEvent<string>) => {
    const status = JSON.parse(event.data) as RunStatus;
    onStatus(status);
    if (status.state !== "RUNNING") {
      events.close();
      onEnd();
    }
  });
  return () => events.close();
}
