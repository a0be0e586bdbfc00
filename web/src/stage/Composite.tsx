import type { CSSProperties } from "react";
import type { Drawing } from "../api/client";

interface Props {
  drawing: Drawing;
  alt?: string;
  style?: CSSProperties;
  /** Whether it shows the newest document. */
  current?: boolean;
}

/** The true picture of the overlay, laid over the whole of its surroundings. */
export function Composite({ drawing, alt = "", style, current }: Props) {
  const { picture, left, top, width, height } = drawing.composite;
  const percent = (part: number, whole: number) => `${(100 * part) / whole}%`;
  const place = {
    left: percent(left, drawing.width),
    top: percent(top, drawing.height),
    width: percent(width, drawing.width),
    height: percent(height, drawing.height),
  };
  const common = {
    className: "absolute max-w-none",
    style: { ...place, ...style },
    "data-testid": current === undefined ? undefined : "composite",
    "data-current": current,
  };
  return picture ? (
    <img src={picture} alt={alt} draggable={false} {...common} />
  ) : (
    <span {...common} />
  );
}
