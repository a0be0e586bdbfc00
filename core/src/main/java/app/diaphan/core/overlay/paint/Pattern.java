package app.diaphan.core.overlay.paint;

/** The patterns that Diaphan draws itself. Each goes on without a seam in all directions. */
public enum Pattern {
  STRIPES,
  PINSTRIPES,
  CHECKS,
  GRID,
  DOTS,
  RINGS,
  SCALES,
  ZIGZAG,
  WAVES,
  PLAIT,
  BRICKS,
  HONEYCOMB,
  STARS,
  GRAIN,
  CLOUDS,
  BRUSHED,
  CLOTH
}
