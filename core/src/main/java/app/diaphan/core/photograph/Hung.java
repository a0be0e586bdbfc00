package app.diaphan.core.photograph;

import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.raster.Bounds;

/**
 * Where and how a mark hangs on one photograph.
 *
 * @param place in pixels of the upright photograph
 * @param contrast between the mark and what is around it, 1–21
 */
public record Hung(PinPoint pin, MarkDress dress, Bounds place, double contrast) {
  /** What words need at least to be read (WCAG 2.2, large letters). */
  public static final double LEGIBLE = 3;

  public boolean legible() {
    return contrast >= LEGIBLE;
  }
}
