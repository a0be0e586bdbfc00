import { TriangleAlert } from "lucide-react";
import type { ReactNode } from "react";

/** A sentence about something that went wrong, read out at once. */
export function Notice({ children }: { children: ReactNode }) {
  return (
    <div role="alert" className="alert alert-error alert-soft items-start text-sm">
      <TriangleAlert size={18} className="mt-0.5 shrink-0" aria-hidden />
      <div>{children}</div>
    </div>
  );
}
