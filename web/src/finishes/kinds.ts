import type { Finish } from "../api/client";

/** What each kind of finish is called, alone and with its article. */
export const KINDS: Record<Finish["kind"], { name: string; one: string }> = {
  outline: { name: "Outline", one: "an outline" },
  halo: { name: "Halo", one: "a halo" },
  shadow: { name: "Shadow", one: "a shadow" },
  inset: { name: "Inset", one: "an inset" },
  rim: { name: "Rim", one: "a rim" },
  relief: { name: "Relief", one: "a relief" },
  soften: { name: "Soften", one: "a softened edge" },
};

/** In the order in which they are offered. */
export const FINISH_KINDS = Object.keys(KINDS) as Finish["kind"][];

/** The name of a finish among those of its piece: counted where there are several of a kind. */
export function nameAmong(finishes: readonly Finish[], at: number): string {
  const kind = finishes[at]?.kind;
  if (!kind) return "";
  const before = finishes.slice(0, at).filter((other) => other.kind === kind).length;
  return before === 0 ? KINDS[kind].name : `${KINDS[kind].name} ${before + 1}`;
}
