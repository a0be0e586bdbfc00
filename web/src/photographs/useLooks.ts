import { useEffect, useRef, useState } from "react";
import { answer, api, type PhotographLine, type PhotographLook } from "../api/client";
import type { Looks } from "./order";

/** So many are looked at side by side: the core has two cores to decode with. */
const AT_ONCE = 2;

/**
 * How each photograph looks with its mark. What is known stays until it is known anew.
 *
 * @param decides all that decides how they are marked, but for what each has of its own
 */
export function useLooks(photographs: readonly PhotographLine[], decides: string): Looks {
  const [looks, setLooks] = useState<Looks>(new Map());
  const known = useRef(new Map<number, string>());
  useEffect(() => {
    const asked = new AbortController();
    const waiting = photographs.filter(
      (one) => !one.leftOut && known.current.get(one.id) !== keyOf(one, decides),
    );
    const next = async (): Promise<void> => {
      for (let one = waiting.shift(); one; one = waiting.shift()) {
        const key = keyOf(one, decides);
        try {
          const look: PhotographLook = await answer(
            api.GET("/api/photographs/{id}/look", {
              params: { path: { id: one.id } },
              signal: asked.signal,
            }),
          );
          known.current.set(one.id, key);
          const { id } = one;
          setLooks((before) => new Map(before).set(id, look));
        } catch {
          if (asked.signal.aborted) return;
        }
      }
    };
    for (let i = 0; i < AT_ONCE; i++) void next();
    return () => asked.abort();
  }, [photographs, decides]);
  return looks;
}

function keyOf(one: PhotographLine, decides: string): string {
  return `${one.version} ${JSON.stringify(one.own ?? null)} ${decides}`;
}
