package app.diaphan.core.raster;

import java.awt.Shape;
import java.util.List;
import java.util.function.IntPredicate;

/**
 * Exact area coverage: the share of each pixel that lies inside a shape.
 *
 * <p>Curves are flattened to within {@value #FLATNESS} px; from there on the areas are exact, not
 * sampled. A row of pixels is cut where edges start, end or cross; between cuts the edges do not
 * cross, so those that bound the inside are known from the winding number, and each adds the signed
 * area to its right. Overlapping contours, both winding rules and shapes laid over each other are
 * therefore right in every pixel. The signed-area accumulation is that of Raph Levien's "font-rs"
 * notes (2016); the trapezoid decomposition is the classic scan-line one.
 */
public final class Coverage {
  /** The farthest a flattened curve lies from the true one, in px. */
  static final double FLATNESS = 0.001;

  private Coverage() {}

  /** Coverage of one shape, by the winding rule of its own path. */
  public static Plane of(Shape shape, Bounds clip) {
    return of(List.of(shape), inside -> inside != 0, clip);
  }

  /**
   * Coverage of what lies in a combination of shapes.
   *
   * @param shapes at most 30, in pixels, each by the winding rule of its own path
   * @param inside told which shapes a point is in, one bit each from the first at bit 0; false for
   *     0
   * @param clip pixels of interest; the result is cut to them and to the shapes
   */
  public static Plane of(List<Shape> shapes, IntPredicate inside, Bounds clip) {
    Edges edges = Edges.of(shapes, clip);
    Bounds bounds = edges.bounds().within(clip);
    if (bounds.empty()) {
      return Plane.EMPTY;
    }
    Plane plane = Plane.clear(bounds);
    Bands.over(
        bounds.top(),
        bounds.bottom(),
        bounds.width(),
        (top, bottom) -> new CoverageRows(edges, inside, plane).fill(top, bottom));
    return plane;
  }
}
