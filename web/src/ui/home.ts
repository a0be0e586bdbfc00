import { type RefObject, useEffect } from "react";

/** Where keys go when a field or a button is done with: the stage, while there is one. */
let home: HTMLElement | null = null;

export function useHome(element: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    const here = element.current;
    home = here;
    return () => {
      if (home === here) home = null;
    };
  }, [element]);
}

/** Gives the keys back to the stage; false if there is none. */
export function goHome(): boolean {
  home?.focus({ preventScroll: true });
  return home !== null;
}
