import { useRef } from "react";
import { boundsOf, overlapping, type Point } from "../document/geometry";
import { useOverlay } from "../document/overlayStore";
import { useHand } from "./hand";
import type { Seen } from "./seen";
import { MOVE_STARTS_AT } from "./useGrip";

/** A rectangle drawn around pieces, which chooses all that it meets beside what is chosen. */
export function useBand(seen: Seen) {
  const from = useRef<Point | null>(null);
  return {
    begin: (p: Point) => {
      from.current = p;
    },
    /** Whether one is being drawn. */
    move: (p: Point): boolean => {
      if (!from.current) return false;
      useHand.setState({ band: boundsOf([from.current, p]) });
      return true;
    },
    /** Whether one was. */
    letGo: (p: Point): boolean => {
      if (!from.current) return false;
      const around = boundsOf([from.current, p]);
      from.current = null;
      useHand.setState({ band: null });
      const { zoom, overlay, selected, corners } = seen;
      if (around.width * zoom > MOVE_STARTS_AT && around.height * zoom > MOVE_STARTS_AT) {
        const met = overlay.stack.filter(({ id, shown, locked }) => {
          const box = corners(id);
          return shown && !locked && box && overlapping(boundsOf(box), around);
        });
        useOverlay.getState().select([...new Set([...selected, ...met.map(({ id }) => id)])]);
      }
      return true;
    },
    callOff: () => {
      from.current = null;
      useHand.setState({ band: null });
    },
  };
}
