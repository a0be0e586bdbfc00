import type { ReactNode } from "react";

/** The head of one of the lists of a house. */
export function ListHead({ words, children }: { words: string; children?: ReactNode }) {
  return (
    <div className="mb-1 flex items-center gap-2">
      <h2 className="flex-1 text-xs font-semibold uppercase tracking-wide opacity-75">{words}</h2>
      {children}
    </div>
  );
}
