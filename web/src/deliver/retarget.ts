import { queryOptions, useQuery } from "@tanstack/react-query";
import {
  answer,
  api,
  type FileKind,
  type ForTarget,
  type NamedTarget,
  type Overlay,
  type PieceChange,
} from "../api/client";
import { identity } from "../document/identity";
import { useOverlay } from "../document/overlayStore";

/** What is different about an overlay at a target; nothing but the name if nothing is. */
export function atTarget(overlay: Overlay, target: string): ForTarget {
  return (
    overlay.forTargets.find((there) => there.target === target) ?? {
      target,
      delivered: true,
      file: { kind: "target" },
      changes: [],
    }
  );
}

function withTarget(overlay: Overlay, there: ForTarget): Overlay {
  const others = overlay.forTargets.filter((other) => other.target !== there.target);
  const says = !there.delivered || there.file.kind === "own" || there.changes.length > 0;
  return { ...overlay, forTargets: says ? [...others, there] : others };
}

export function deliverAt(target: string, delivered: boolean): void {
  useOverlay
    .getState()
    .change(
      (overlay) => withTarget(overlay, { ...atTarget(overlay, target), delivered }),
      delivered ? `Send out at ${target}` : `Leave out at ${target}`,
    );
}

/** What kind of file the overlay is at a target. */
export function fileOf(overlay: Overlay, target: NamedTarget): FileKind {
  const { file } = atTarget(overlay, target.name);
  return file.kind === "own" ? file.file : target.file;
}

/** Gives the overlay a kind of file of its own there; none, and it is again as all others. */
export function fileAt(target: string, kind: FileKind | null, key?: string): void {
  useOverlay.getState().change(
    (overlay) =>
      withTarget(overlay, {
        ...atTarget(overlay, target),
        file: kind ? { kind: "own", file: kind } : { kind: "target" },
      }),
    kind ? `Own file at ${target}` : `File as the target’s at ${target}`,
    key,
  );
}

const NO_CHANGE = { shown: true, right: 0, down: 0, scale: 1 };

export function changeAt(target: string, piece: string, change: Partial<PieceChange>): void {
  useOverlay.getState().change(
    (overlay) => {
      const there = atTarget(overlay, target);
      const before = there.changes.find((one) => one.piece === piece);
      const next = { ...NO_CHANGE, ...before, ...change, piece };
      const others = there.changes.filter((one) => one.piece !== piece);
      return withTarget(overlay, { ...there, changes: [...others, next] });
    },
    `Change at ${target}`,
    `${target} ${piece} ${Object.keys(change).join(" ")}`,
  );
}

export function leaveAt(target: string, piece: string): void {
  useOverlay.getState().change((overlay) => {
    const there = atTarget(overlay, target);
    return withTarget(overlay, {
      ...there,
      changes: there.changes.filter((one) => one.piece !== piece),
    });
  }, `As everywhere at ${target}`);
}

/** A target that was renamed is still meant by the overlay that is open. */
export function renameAt(before: string, after: string): void {
  const { overlay, change } = useOverlay.getState();
  if (!overlay?.forTargets.some((there) => there.target === before)) return;
  change(
    (document) => ({
      ...document,
      forTargets: document.forTargets.map((there) =>
        there.target === before ? { ...there, target: after } : there,
      ),
    }),
    "Rename a target",
    "rename target",
  );
}

/** Whether a target shows the overlay as it is. */
function asItIs(overlay: Overlay, target: NamedTarget): boolean {
  return target.frame.kind === "own" && atTarget(overlay, target.name).changes.length === 0;
}

/** The overlay as a target shows it, on the target's frame. */
export function retargetedQuery(overlay: Overlay, target: NamedTarget) {
  return queryOptions({
    queryKey: ["retargeted", identity(overlay), target.name, target.frame],
    queryFn: () =>
      asItIs(overlay, target)
        ? overlay
        : answer(api.POST("/api/retargeted", { body: { overlay, target } })),
    staleTime: Infinity,
    gcTime: 10_000,
  });
}

/** The same; nothing while it is not known. */
export function useRetargeted(overlay: Overlay, target: NamedTarget): Overlay | undefined {
  const same = asItIs(overlay, target);
  const retargeted = useQuery({
    ...retargetedQuery(overlay, target),
    enabled: !same,
    placeholderData: (before) => before,
  });
  return same ? overlay : retargeted.data;
}
