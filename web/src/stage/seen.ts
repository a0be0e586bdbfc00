import type { DrawnPiece, Drawing, Overlay } from "../api/client";
import {
  type Corners,
  cornersOf,
  cornersOfBox,
  displayWidth,
  type Point,
} from "../document/geometry";
import type { Drawn } from "./useDrawing";

/** What lies on the stage as it was drawn last, and how large it is shown. */
export interface Seen {
  overlay: Overlay;
  /** Nothing before the first one is there. */
  drawing: Drawing | undefined;
  /** Whether the drawing is of the overlay as it is now. */
  current: boolean;
  /** The pieces of the drawing by their ids. */
  drawn: ReadonlyMap<string, DrawnPiece>;
  /** A piece's box in display units. */
  corners: (id: string) => Corners | undefined;
  /** Display units for one pixel of the drawing, across and down. */
  unitX: number;
  unitY: number;
  /** CSS pixels for one display unit. */
  zoom: number;
  /** The frame in display units. */
  width: number;
  height: number;
  selected: readonly string[];
}

export function seenOf(
  overlay: Overlay,
  drawn: Drawn | null,
  zoom: number,
  selected: readonly string[],
): Seen {
  const width = displayWidth(overlay.frame);
  const height = overlay.frame.height;
  const drawing = drawn?.drawing;
  const unitX = drawing ? width / drawing.width : 1;
  const unitY = drawing ? height / drawing.height : 1;
  const pieces = new Map((drawing?.pieces ?? []).map((piece) => [piece.id, piece]));
  return {
    overlay,
    drawing,
    current: drawn?.overlay === overlay,
    drawn: pieces,
    corners: (id) => {
      const piece = pieces.get(id);
      return piece && cornersOf(piece, unitX, unitY);
    },
    unitX,
    unitY,
    zoom,
    width,
    height,
    selected,
  };
}

/** The whole frame. */
export function frameCorners({ width, height }: Seen): Corners {
  return cornersOfBox({ x: 0, y: 0, width, height });
}

/** The boxes of all that is chosen and drawn. */
export function chosenCorners({ selected, corners }: Seen): Corners[] {
  return selected.flatMap((id) => {
    const box = corners(id);
    return box ? [box] : [];
  });
}

/** A point of the frame from one of the window, on a surface that shows the whole frame. */
export function pointOf(
  surface: HTMLElement | null,
  zoom: number,
  event: { clientX: number; clientY: number },
): Point {
  const rect = surface?.getBoundingClientRect();
  return {
    x: (event.clientX - (rect?.left ?? 0)) / zoom,
    y: (event.clientY - (rect?.top ?? 0)) / zoom,
  };
}
