import { useEffect } from "react";

/** Has the browser ask before the page is closed or loaded anew while something would be lost. */
export function useAsking(lost: boolean): void {
  useEffect(() => {
    if (!lost) return;
    const ask = (leaving: BeforeUnloadEvent) => leaving.preventDefault();
    window.addEventListener("beforeunload", ask);
    return () => window.removeEventListener("beforeunload", ask);
  }, [lost]);
}
