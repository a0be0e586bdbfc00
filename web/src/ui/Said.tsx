import { useEffect } from "react";
import { useSaid } from "./said";

const STANDS_MS = 4000;

/** What was said in passing, over whatever is there and in nobody's way. */
export function Said() {
  const { words, number } = useSaid();
  useEffect(() => {
    const timer = setTimeout(() => useSaid.setState({ words: "" }), STANDS_MS);
    return () => clearTimeout(timer);
  }, [number]);
  return (
    <div
      role="status"
      aria-label="Said in passing"
      className="pointer-events-none fixed inset-x-0 bottom-36 z-30 flex justify-center"
    >
      {words && (
        <span className="rounded bg-neutral px-3 py-1 text-sm text-neutral-content shadow-md ring-1 ring-base-content/25">
          {words}
        </span>
      )}
    </div>
  );
}
