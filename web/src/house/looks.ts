import { createStore, type StoreApi } from "zustand";
import { answer, api, type BothLooks, type House } from "../api/client";
import { keyOf, type Seen } from "./seen";

/** How many are drawn at once: as many as there are cores on a small machine. */
const AT_ONCE = 2;

/** As many as a screen shows; drawn before anybody asked. */
const AHEAD = 12;

export interface Drawn {
  /** By {@link keyOf}. */
  looks: ReadonlyMap<string, BothLooks>;
  /** How many were tried; one that cannot be drawn is listed without pictures. */
  tried: number;
}

/** What a change touches before and after, as it comes. */
export interface Looks {
  drawn: StoreApi<Drawn>;
  /** Goes on to the last one. */
  all: () => void;
  /** Draws no more of them; they cannot be gone on with. */
  stop: () => void;
  stopped: () => boolean;
}

type LookAt = (seen: Seen, signal: AbortSignal) => Promise<BothLooks>;

/** Begins with the first ones: who is told what a change touches is about to look at it. */
export function beginLooks(seen: readonly Seen[], lookAt: LookAt): Looks {
  const drawn = createStore<Drawn>(() => ({ looks: new Map(), tried: 0 }));
  const stopped = new AbortController();
  const left = [...seen];
  let until = Math.max(0, left.length - AHEAD);
  let running = 0;
  const run = async (): Promise<void> => {
    running++;
    while (left.length > until && !stopped.signal.aborted) {
      const one = left.shift();
      if (!one) break;
      const look = await lookAt(one, stopped.signal).catch(() => null);
      drawn.setState(({ looks, tried }) => ({
        looks: look ? new Map(looks).set(keyOf(one), look) : looks,
        tried: tried + 1,
      }));
    }
    running--;
  };
  const go = () => {
    while (running < AT_ONCE && left.length > until && !stopped.signal.aborted) void run();
  };
  go();
  return {
    drawn,
    all: () => {
      until = 0;
      go();
    },
    stop: () => stopped.abort(),
    stopped: () => stopped.signal.aborted,
  };
}

/** How an overlay of a package looks before and after its house becomes another one. */
export function lookAt(packageId: number, house: House): LookAt {
  return ({ overlay, row }, signal) =>
    answer(
      api.POST("/api/packages/{id}/house/looks", {
        params: { path: { id: packageId } },
        body: { house, overlay, row },
        signal,
      }),
    );
}
