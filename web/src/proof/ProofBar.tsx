import type { ReactNode } from "react";
import { Tabs } from "../ui/Tabs";

const VIEWS = ["All backdrops", "One backdrop", "Screening"] as const;

export type View = (typeof VIEWS)[number];

interface Props {
  view: View;
  onView: (view: View) => void;
  children?: ReactNode;
}

/** Chooses how the overlay is looked at; what belongs to one way stands beside it. */
export function ProofBar({ view, onView, children }: Props) {
  return (
    <div className="flex min-h-10 shrink-0 flex-wrap items-center gap-x-2 border-b border-base-300 bg-base-100 px-3">
      <Tabs label="View" names={VIEWS} chosen={view} onChoose={onView} />
      {children}
    </div>
  );
}
