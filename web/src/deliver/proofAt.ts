import { type QueryClient, useQuery } from "@tanstack/react-query";
import type { Finding, NamedTarget, Overlay } from "../api/client";
import { checksQuery } from "../proof/useChecks";
import { retargetedQuery, useRetargeted } from "./retarget";

/** What spoils a file however it is meant: words or marks that are cut, letters that are missing. */
const SPOILS: readonly Finding["kind"][] = ["CUT_BY_FRAME", "DRAWING"];

/**
 * What the proof would have put right of an overlay as a target shows it, on the target's frame.
 *
 * @param goesOut whether it goes out there; else nothing is looked for
 * @returns nothing while it is looked
 */
export function useOpenMatters(
  packageId: number,
  overlay: Overlay,
  target: NamedTarget,
  goesOut: boolean,
): Finding[] | undefined {
  const there = useRetargeted(overlay, target);
  const checks = useQuery({
    ...checksQuery(packageId, there ?? overlay),
    enabled: goesOut && there !== undefined,
    placeholderData: (before) => before,
  });
  return goesOut ? checks.data?.filter((one) => one.fails) : [];
}

/** An overlay at a target, and what sentences call the file. */
export interface FileToLookAt {
  overlay: Overlay;
  target: NamedTarget;
  called: string;
}

/** Sentences about what would be spoilt in files. */
export async function spoilt(
  queries: QueryClient,
  packageId: number,
  files: readonly FileToLookAt[],
): Promise<string[]> {
  const said = await Promise.all(
    files.map(async ({ overlay, target, called }) => {
      const there = await queries.query(retargetedQuery(overlay, target));
      const found = await queries.query(checksQuery(packageId, there));
      return found
        .filter((one) => one.fails && SPOILS.includes(one.kind))
        .map((one) => `${called}: ${one.sentence}`);
    }),
  );
  return said.flat();
}
