import { useQueryClient } from "@tanstack/react-query";
import { Trash2 } from "lucide-react";
import { useState } from "react";
import { answer, api } from "../api/client";

interface Props {
  packageId: number;
  still: number;
  backdrop: string;
}

/** Takes the still that is seen out of the package. It cannot be undone, so it asks first. */
export function TakeStillAway({ packageId, still, backdrop }: Props) {
  const queries = useQueryClient();
  const [asked, setAsked] = useState(0);
  const takeAway = async () => {
    await answer(api.DELETE("/api/stills/{id}", { params: { path: { id: still } } }));
    await queries.invalidateQueries({ queryKey: ["stills", packageId] });
  };
  if (asked !== still) {
    return (
      <button
        type="button"
        className="btn btn-ghost btn-xs btn-square"
        aria-label={`${backdrop}: take this still away…`}
        onClick={() => setAsked(still)}
      >
        <Trash2 size={14} aria-hidden />
      </button>
    );
  }
  return (
    <span className="flex items-center gap-1" role="group" aria-label="Take it away?">
      Take it away?
      <button
        type="button"
        className="btn btn-error btn-xs"
        autoFocus
        onClick={() => void takeAway()}
      >
        Yes
      </button>
      <button type="button" className="btn btn-xs" onClick={() => setAsked(0)}>
        No
      </button>
    </span>
  );
}
