import type { PlanLine } from "../api/client";

export interface Standing {
  words: string;
  look: string;
}

/** Whether an overlay's files are what it is now, at all of its targets together; by its id. */
export function standings(lines: readonly PlanLine[]): ReadonlyMap<number, Standing> {
  const byOverlay = new Map<number, PlanLine[]>();
  for (const line of lines) {
    byOverlay.set(line.overlayId, [...(byOverlay.get(line.overlayId) ?? []), line]);
  }
  return new Map([...byOverlay].map(([id, own]) => [id, together(own)]));
}

function together(lines: readonly PlanLine[]): Standing {
  const same = lines.filter((line) => line.standing === "SAME").length;
  if (same === lines.length) return { words: "delivered as it is", look: "text-success" };
  if (lines.some((line) => line.standing === "CHANGED")) {
    return { words: "changed since it was delivered", look: "text-warning" };
  }
  return same === 0
    ? { words: "not delivered yet", look: "opacity-70" }
    : { words: `delivered at ${same} of ${lines.length} targets`, look: "opacity-70" };
}
