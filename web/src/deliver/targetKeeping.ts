import { createStore } from "zustand";
import type { NamedTarget } from "../api/client";

const REST_MS = 300;

export interface TargetsState {
  packageId: number;
  targets: NamedTarget[];
  /** Why the newest targets could not be kept; empty if they are. */
  problem: string;
  /** The name of the target whose sheet is open; that of the first at the beginning. */
  chosen: string;
  choose: (name: string) => void;
}

/** Does something after so many milliseconds; what it gives back calls that off. */
export type Later = (work: () => void, ms: number) => () => unknown;

/**
 * The targets of a package that is open, kept by themselves as soon as the hand rests.
 *
 * @param send has the targets of a package kept; fails if they cannot be
 */
export function createTargetKeeping(
  send: (packageId: number, targets: NamedTarget[]) => Promise<unknown>,
  later: Later,
) {
  const store = createStore<TargetsState>()((set) => ({
    packageId: 0,
    targets: [],
    problem: "",
    chosen: "",
    choose: (chosen) => set({ chosen }),
  }));
  let callOff: (() => unknown) | null = null;
  let keeping: Promise<void> = Promise.resolve();
  const keep = async () => {
    const { packageId, targets } = store.getState();
    try {
      await send(packageId, targets);
      store.setState({ problem: "" });
    } catch (e) {
      store.setState({ problem: e instanceof Error ? e.message : String(e) });
    }
  };
  const keepNow = () => {
    callOff = null;
    keeping = keeping.then(keep);
  };
  return {
    store,
    /** Whether there are changes that are not on their way yet. */
    resting: () => callOff !== null,
    change: (targets: NamedTarget[]): void => {
      store.setState({ targets });
      callOff?.();
      callOff = later(keepNow, REST_MS);
    },
    /** Whether the targets are kept as they are shown, after waiting for it. */
    kept: async (): Promise<boolean> => {
      if (callOff) {
        callOff();
        keepNow();
      }
      await keeping;
      return store.getState().problem === "";
    },
    /** Takes over what the server has of a package; the sheet that is open stays so if it can. */
    open: (packageId: number, targets: NamedTarget[]): void => {
      const { packageId: before, chosen } = store.getState();
      const same = before === packageId && targets.some((target) => target.name === chosen);
      store.setState({
        packageId,
        targets,
        problem: "",
        chosen: same ? chosen : (targets[0]?.name ?? ""),
      });
    },
  };
}
