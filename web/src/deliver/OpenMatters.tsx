import { TriangleAlert } from "lucide-react";
import type { NamedTarget, Overlay } from "../api/client";
import { useOpenMatters } from "./proofAt";

interface Props {
  packageId: number;
  overlay: Overlay;
  target: NamedTarget;
  goesOut: boolean;
}

/** What the proof would have put right at the chosen target. */
export function OpenMatters({ packageId, overlay, target, goesOut }: Props) {
  const open = useOpenMatters(packageId, overlay, target, goesOut);
  if (!open || open.length === 0) return null;
  return (
    <section aria-label={`Open in Proof at ${target.name}`} className="mt-3 text-sm">
      <h3 className="font-semibold">Open in Proof at this target</h3>
      <ul>
        {open.map((one) => (
          <li key={`${one.kind} ${one.piece} ${one.sentence}`} className="mt-1 flex gap-2">
            <TriangleAlert size={15} className="mt-0.5 shrink-0 text-warning" aria-hidden />
            <span>{one.sentence}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
