import { Trash2 } from "lucide-react";
import { useState } from "react";

interface Props {
  /** What it takes away, for those who do not see it; ends in three dots, since it asks. */
  label: string;
  onYes: () => void;
}

/** Takes something away for good, so it asks first. */
export function TakeAway({ label, onYes }: Props) {
  const [asked, setAsked] = useState(false);
  if (!asked) {
    return (
      <button
        type="button"
        className="btn btn-ghost btn-xs btn-square"
        aria-label={label}
        onClick={() => setAsked(true)}
      >
        <Trash2 size={14} aria-hidden />
      </button>
    );
  }
  return (
    <span className="flex items-center gap-1" role="group" aria-label="Take it away?">
      Take it away?
      <button type="button" className="btn btn-error btn-xs" autoFocus onClick={onYes}>
        Yes
      </button>
      <button type="button" className="btn btn-xs" onClick={() => setAsked(false)}>
        No
      </button>
    </span>
  );
}
