import { type MouseEvent, type PointerEvent, useRef } from "react";
import type { Piece } from "../api/client";
import { useOverlay } from "../document/overlayStore";
import { useHand } from "./hand";

/** Clicks no farther apart, in CSS pixels, are at the same place. */
const SAME_PLACE = 6;

/** A click where one was before goes on to what lies beneath what that one chose. */
export function useDigging(selected: readonly string[]) {
  const held = useHand((state) => state.held);
  const beneath = useRef<string | null>(null);
  /** Where the last click was, in CSS pixels of the window; nothing once something was moved. */
  const clicked = useRef<{ x: number; y: number } | null>(null);
  return {
    /** Which of the pieces under a point is meant, front to back. */
    meant: (hits: readonly Piece[]): Piece | undefined => {
      const { dug } = useHand.getState();
      return hits.find((one) => one.id === dug && selected.includes(dug)) ?? hits[0];
    },
    forget: () => {
      beneath.current = null;
    },
    press: (event: PointerEvent, piece: Piece, hits: readonly Piece[]) => {
      const last = clicked.current;
      const again =
        last !== null && Math.hypot(event.clientX - last.x, event.clientY - last.y) < SAME_PLACE;
      if (again && selected.length === 1 && selected[0] === piece.id && hits.length > 1) {
        beneath.current = hits[(hits.indexOf(piece) + 1) % hits.length]?.id ?? null;
      }
    },
    moved: () => {
      beneath.current = clicked.current = null;
    },
    click: (event: MouseEvent) => {
      // The second click of two opens what the first one chose.
      if (event.detail === 1 && beneath.current !== null) {
        useOverlay.getState().select([beneath.current]);
        useHand.setState({ dug: beneath.current });
      }
      beneath.current = null;
      // A drag ends in a click as well.
      const dragging = held !== null && held.state !== "let-go";
      clicked.current = dragging ? null : { x: event.clientX, y: event.clientY };
    },
  };
}
