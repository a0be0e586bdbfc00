import { useEffect, useState } from "react";

/**
 * The last value that stood for a while; the first one at once.
 *
 * @param value nothing while there is none to keep
 */
export function useRested<T>(value: T | null, restMs: number): T | null {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    if (!value) return;
    const timer = setTimeout(() => setRested(value), restMs);
    return () => clearTimeout(timer);
  }, [value, restMs]);
  return rested ?? value;
}
