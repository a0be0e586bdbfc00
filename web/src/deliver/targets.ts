import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { create } from "zustand";
import { answer, api, type NamedTarget } from "../api/client";

const REST_MS = 300;

interface TargetsState {
  packageId: number;
  targets: NamedTarget[];
  /** Why the newest targets could not be kept; empty if they are. */
  problem: string;
  /** The name of the target whose sheet is open; that of the first at the beginning. */
  chosen: string;
  choose: (name: string) => void;
}

const NONE: NamedTarget[] = [];

/** The targets of the open package. They are kept by themselves as soon as the hand rests. */
export const useTargetStore = create<TargetsState>()((set) => ({
  packageId: 0,
  targets: [],
  problem: "",
  chosen: "",
  choose: (chosen) => set({ chosen }),
}));

let timer: ReturnType<typeof setTimeout> | undefined;
let keeping: Promise<void> = Promise.resolve();

async function keep(): Promise<void> {
  const { packageId, targets } = useTargetStore.getState();
  try {
    await answer(
      api.PUT("/api/packages/{id}/targets", {
        params: { path: { id: packageId } },
        body: { targets },
        // It may be the last thing that this page does.
        keepalive: true,
      }),
    );
    useTargetStore.setState({ problem: "" });
  } catch (e) {
    useTargetStore.setState({ problem: e instanceof Error ? e.message : String(e) });
  }
}

export function changeTargets(targets: NamedTarget[]): void {
  useTargetStore.setState({ targets });
  clearTimeout(timer);
  timer = setTimeout(() => {
    timer = undefined;
    keeping = keeping.then(keep);
  }, REST_MS);
}

window.addEventListener("pagehide", () => {
  if (timer !== undefined) void targetsKept();
});

/** Whether the targets are kept as they are shown, after waiting for it. */
export async function targetsKept(): Promise<boolean> {
  if (timer !== undefined) {
    clearTimeout(timer);
    timer = undefined;
    keeping = keeping.then(keep);
  }
  await keeping;
  return useTargetStore.getState().problem === "";
}

/** Fetches the targets of a package once for each sitting; then this page is what changes them. */
export function useTargets(packageId: number): TargetsState {
  const state = useTargetStore();
  const fetched = useQuery({
    queryKey: ["targets", packageId],
    queryFn: () =>
      answer(api.GET("/api/packages/{id}/targets", { params: { path: { id: packageId } } })),
    enabled: packageId > 0,
    staleTime: 0,
    gcTime: 0,
  });
  useEffect(() => {
    if (!fetched.data || timer !== undefined) return;
    const { targets } = fetched.data;
    const { packageId: before, chosen } = useTargetStore.getState();
    useTargetStore.setState({
      packageId,
      targets,
      problem: "",
      chosen:
        before === packageId && targets.some((target) => target.name === chosen)
          ? chosen
          : (targets[0]?.name ?? ""),
    });
  }, [fetched.data, packageId]);
  return state.packageId === packageId ? state : { ...state, targets: NONE, chosen: "" };
}
