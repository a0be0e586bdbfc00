import type { DeliveryStatus, Frame } from "../api/client";
import { scrolled } from "../stage/geometry";

/** How the editing program takes the alpha. */
export type Reading = "STRAIGHT" | "PREMULTIPLIED" | "IGNORED";

export type Move = "cut" | "fade" | "left" | "right" | "below" | "grow" | "scroll";

/** How the still is put on the edit's picture. */
export type Fit = "own" | "fill";

/** A delivered still on the time line. Times are seconds. */
export interface Marker {
  key: number;
  delivery: DeliveryStatus;
  from: number;
  to: number;
  move: Move;
  reading: Reading;
  fit: Fit;
}

export interface Size {
  width: number;
  height: number;
}

/** How a still is seen at a moment: how solid, and where, in pixels of the edit's picture. */
export interface Seen {
  opacity: number;
  left: number;
  top: number;
  width: number;
  height: number;
}

/** How long a still takes to come in and to go out. */
const MOVE_SECONDS = 0.6;

/** Slow at both ends. */
const eased = (share: number) => share * share * (3 - 2 * share);

/** The picture of the video that a frame is for. */
export function editOf(frame: Frame): Size {
  return { width: frame.width, height: frame.videoHeight };
}

/** A still as it is first laid on the clip; a card that is higher than its video scrolls. */
export function laid(key: number, delivery: DeliveryStatus, from: number, to: number): Marker {
  const move = scrolled(delivery.target.frame) ? "scroll" : "fade";
  return { key, delivery, from, to, move, reading: "STRAIGHT", fit: "own" };
}

/** Where a still rests. */
export function rest(marker: Marker, edit: Size): Omit<Seen, "opacity"> {
  const { report, target, left, top } = marker.delivery;
  const width = report?.width ?? 0;
  const height = report?.height ?? 0;
  const { frame } = target;
  if (marker.fit === "own") {
    const whole = frame.width === width && frame.height === height;
    return whole
      ? { left: (edit.width - width) / 2, top: (edit.height - height) / 2, width, height }
      : { left, top, width, height };
  }
  const scale = filling(frame, edit);
  return {
    left: (edit.width - frame.width * scale) / 2 + left * scale,
    top: (edit.height - frame.height * scale) / 2 + top * scale,
    width: width * scale,
    height: height * scale,
  };
}

/** How many times as large the video that a frame is for becomes on the edit's picture. */
function filling(frame: Frame, edit: Size): number {
  return Math.min(edit.width / frame.width, edit.height / frame.videoHeight);
}

/** Nothing before its beginning and after its end. */
export function seenAt(marker: Marker, time: number, edit: Size): Seen | null {
  const { from, to, move } = marker;
  if (time < from || time >= to) return null;
  const place = rest(marker, edit);
  const coming = Math.min(1, (time - from) / MOVE_SECONDS);
  const going = Math.min(1, (to - time) / MOVE_SECONDS);
  const there = eased(Math.max(0, Math.min(coming, going)));
  switch (move) {
    case "cut":
      return { ...place, opacity: 1 };
    case "fade":
      return { ...place, opacity: there };
    case "left":
      return { ...place, opacity: 1, left: place.left - (1 - there) * edit.width };
    case "right":
      return { ...place, opacity: 1, left: place.left + (1 - there) * edit.width };
    case "below":
      return { ...place, opacity: 1, top: place.top + (1 - there) * edit.height };
    case "grow": {
      const scale = 0.6 + 0.4 * there;
      return {
        opacity: there,
        left: place.left + (place.width * (1 - scale)) / 2,
        top: place.top + (place.height * (1 - scale)) / 2,
        width: place.width * scale,
        height: place.height * scale,
      };
    }
    case "scroll": {
      const share = (time - from) / Math.max(0.1, to - from);
      return {
        ...place,
        opacity: 1,
        top: edit.height - share * (edit.height + place.height),
      };
    }
  }
}

/** What a designer should know of a still on this edit's picture; empty if all is well. */
export function remark(marker: Marker, edit: Size): string {
  const { frame } = marker.delivery.target;
  const { width, height } = editOf(frame);
  const size = `${width} × ${height}`;
  if (scrolled(frame) && marker.move !== "scroll") {
    return `It is a card of ${frame.height} lines: it is seen whole only while it scrolls.`;
  }
  if (width === edit.width && height === edit.height) return "";
  if (marker.fit === "fill") {
    const scale = filling(frame, edit);
    return scale > 1
      ? `Its frame, ${size}, is smaller than the clip: it is enlarged to ${Math.round(100 * scale)} % and soft.`
      : "";
  }
  return width < edit.width || height < edit.height
    ? `Its frame, ${size}, is smaller than the clip and leaves a border free.`
    : `Its frame, ${size}, is larger than the clip and is cut off.`;
}
