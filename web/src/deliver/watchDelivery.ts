import type { DeliveryStatus } from "../api/client";

/** Follows a delivery until it has ended; gives a function that stops following. */
export function watchDelivery(
  id: number,
  onStatus: (status: DeliveryStatus) => void,
  onEnd: () => void,
): () => void {
  const events = new EventSource(`/api/deliveries/${id}/events`);
  events.addEventListener("status", (event: MessageEvent<string>) => {
    const status = JSON.parse(event.data) as DeliveryStatus;
    onStatus(status);
    if (status.state !== "RUNNING") {
      events.close();
      onEnd();
    }
  });
  return () => events.close();
}
