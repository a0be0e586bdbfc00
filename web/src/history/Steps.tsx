import { useEffect, useRef } from "react";
import { useOverlay } from "../document/overlayStore";

/** What was done since the overlay was opened; any step can be gone back to. */
export function Steps() {
  const past = useOverlay((state) => state.past);
  const future = useOverlay((state) => state.future);
  const { goTo } = useOverlay.getState();
  const here = useRef<HTMLLIElement>(null);
  useEffect(() => {
    here.current?.scrollIntoView({ block: "nearest" });
  }, [past.length]);
  const rows = [
    { did: "Opened", steps: -past.length },
    ...past.map((step, i) => ({ did: step.did, steps: i + 1 - past.length })),
    ...future.map((step, i) => ({ did: step.did, steps: i + 1 })),
  ];
  return (
    <ol aria-label="Steps" className="text-sm">
      {rows.map(({ did, steps }, i) => (
        <li key={i} ref={steps === 0 ? here : undefined}>
          <button
            type="button"
            aria-current={steps === 0 ? "step" : undefined}
            className={`w-full truncate rounded px-2 py-0.5 text-left ${
              steps === 0
                ? "bg-primary/20 font-medium"
                : steps > 0
                  ? "opacity-60 hover:bg-base-200"
                  : "hover:bg-base-200"
            }`}
            onClick={() => goTo(steps)}
          >
            {did}
          </button>
        </li>
      ))}
    </ol>
  );
}
