import { useEffect, useState } from "react";
import { answer, api, type BothLooks } from "../api/client";
import type { Proposal } from "./proposal";
import { keyOf, type Seen } from "./seen";

/** How many are drawn at once: as many as there are cores on a small machine. */
const AT_ONCE = 2;

/** What is touched before and after, as it comes. */
export function useLooks(proposal: Proposal, seen: readonly Seen[]): Map<string, BothLooks> {
  const [looks, setLooks] = useState<Map<string, BothLooks>>(new Map());
  useEffect(() => {
    const stop = new AbortController();
    const left = [...seen];
    const next = async (): Promise<void> => {
      const one = left.shift();
      if (!one || stop.signal.aborted) return;
      try {
        const look = await answer(
          api.POST("/api/packages/{id}/house/looks", {
            params: { path: { id: proposal.packageId } },
            body: { house: proposal.house, overlay: one.overlay, row: one.row },
            signal: stop.signal,
          }),
        );
        setLooks((before) => new Map(before).set(keyOf(one), look));
      } catch {
        // One that cannot be drawn is listed without pictures.
      }
      return next();
    };
    for (let i = 0; i < AT_ONCE; i++) void next();
    return () => stop.abort();
  }, [proposal, seen]);
  return looks;
}
