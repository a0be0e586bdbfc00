import { type RefObject, useLayoutEffect, useRef, useState } from "react";
import type { Frame } from "../api/client";
import { displayWidth } from "../document/geometry";

/** CSS pixels left free around a frame that fits. */
const ROOM_AROUND = 40;
const LARGEST = 32;

interface Kept {
  /** In display units of the frame. */
  x: number;
  y: number;
  /** Where that point is to stay, in CSS pixels of the window. */
  clientX: number;
  clientY: number;
}

export interface View {
  /** CSS pixels for one display unit. */
  scale: number;
  at: "fit" | "actual" | "other";
  fit: () => void;
  actual: () => void;
  /** About a point of the window, or about the middle of what is seen. */
  zoomBy: (factor: number, about?: { clientX: number; clientY: number }) => void;
  /** Moves what is seen by CSS pixels. */
  moveBy: (right: number, down: number) => void;
  /** Free room around the frame, so that each of its corners can be brought to the middle. */
  room: { x: number; y: number };
}

/**
 * How the frame is looked at.
 *
 * @param area what scrolls
 * @param stage what lies in it; its first element is the frame
 */
export function useView(
  frame: Frame,
  size: { width: number; height: number },
  area: RefObject<HTMLElement | null>,
  stage: RefObject<HTMLElement | null>,
): View {
  const [zoom, setZoom] = useState<number | "fit">("fit");
  const kept = useRef<Kept | null>(null);
  const fit = Math.max(
    0.02,
    Math.min(
      (size.width - ROOM_AROUND) / displayWidth(frame),
      (size.height - ROOM_AROUND) / frame.height,
    ),
  );
  const actual = 1 / window.devicePixelRatio;
  const scale = zoom === "fit" ? fit : zoom;

  useLayoutEffect(() => {
    const there = stage.current?.firstElementChild?.getBoundingClientRect();
    if (!kept.current || !there || !area.current) return;
    const { x, y, clientX, clientY } = kept.current;
    kept.current = null;
    area.current.scrollBy(there.left + x * scale - clientX, there.top + y * scale - clientY);
  }, [scale, area, stage]);

  const keep = (about?: { clientX: number; clientY: number }) => {
    const seen = area.current?.getBoundingClientRect();
    const there = stage.current?.firstElementChild?.getBoundingClientRect();
    if (!seen || !there) return;
    const { clientX, clientY } = about ?? {
      clientX: seen.left + seen.width / 2,
      clientY: seen.top + seen.height / 2,
    };
    kept.current = {
      x: (clientX - there.left) / scale,
      y: (clientY - there.top) / scale,
      clientX,
      clientY,
    };
  };
  return {
    scale,
    at: zoom === "fit" ? "fit" : zoom === actual ? "actual" : "other",
    fit: () => setZoom("fit"),
    actual: () => {
      keep();
      setZoom(actual);
    },
    zoomBy: (factor, about) => {
      keep(about);
      setZoom(Math.min(Math.max(LARGEST, 2 * fit), Math.max(fit / 4, scale * factor)));
    },
    moveBy: (right, down) => area.current?.scrollBy(-right, -down),
    room: zoom === "fit" ? { x: 0, y: 0 } : { x: size.width / 2, y: size.height / 2 },
  };
}
