import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";

/**
 * Does things that may be refused, one at a time, and looks again at what they may have changed.
 *
 * @param changes keys of what is looked at again, whether it was refused or not
 */
export function useAttempt(...changes: readonly (readonly unknown[])[]) {
  const queries = useQueryClient();
  const [problem, setProblem] = useState("");
  const attempt = async (work: () => Promise<unknown>) => {
    setProblem("");
    try {
      await work();
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
    for (const queryKey of changes) await queries.invalidateQueries({ queryKey });
  };
  return { problem, attempt };
}
