import type { PhotographLine, PhotographLook } from "../api/client";

export type Order = "worst" | "given" | "name";

/** Looks that are known, by the photographs' ids. */
export type Looks = ReadonlyMap<number, PhotographLook>;

/**
 * Photographs as they hang on the wall. Worst first: those that cannot be marked, then by how
 * little the mark stands out; those that nobody has looked at yet come last, as they were given.
 */
export function ordered(
  photographs: readonly PhotographLine[],
  looks: Looks,
  order: Order,
): PhotographLine[] {
  const all = [...photographs];
  switch (order) {
    case "given":
      return all;
    case "name":
      return all.sort((a, b) => a.name.localeCompare(b.name, "en", { numeric: true }));
    case "worst": {
      const rank = (one: PhotographLine) => {
        const look = looks.get(one.id);
        if (!look) return Infinity;
        return look.hung?.contrast ?? 0;
      };
      // Equal ones keep their order: sorting is stable.
      return all.sort((a, b) => {
        const one = rank(a);
        const other = rank(b);
        return one === other ? 0 : one - other;
      });
    }
  }
}

/** How many do not stand out enough to be read. */
export function faint(photographs: readonly PhotographLine[], looks: Looks): number {
  return photographs.filter((one) => {
    const look = looks.get(one.id);
    return look !== undefined && look.problem === "" && !look.legible;
  }).length;
}
