import { useEffect, useState } from "react";

/** Whether something has been going on for a while already. */
export function useLate(going: boolean, afterMs: number): boolean {
  const [late, setLate] = useState(false);
  useEffect(() => {
    if (!going) return;
    const timer = setTimeout(() => setLate(true), afterMs);
    return () => {
      clearTimeout(timer);
      setLate(false);
    };
  }, [going, afterMs]);
  return going && late;
}
