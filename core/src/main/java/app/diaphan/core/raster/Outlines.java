package app.diaphan.core.raster;

import java.awt.Shape;
import java.awt.geom.Path2D;

/**
 * Curved outlines closer to their formulas than {@code java.awt.geom}'s, whose circle of four cubic
 * curves is wrong by 2.7e-4 of its radius: a third of a pixel on a large plate. The error of an arc
 * falls with the sixth power of its angle; with sixteen curves to the turn it is below 1e-7.
 */
public final class Outlines {
  private static final int CURVES_PER_QUARTER = 4;

  private Outlines() {}

  public static Shape ellipse(double x, double y, double width, double height) {
    return roundedRectangle(x, y, width, height, width / 2, height / 2);
  }

  /** A rectangle whose corners are quarters of an ellipse; radii are cut to half the sides. */
  public static Shape roundedRectangle(
      double x, double y, double width, double height, double radiusX, double radiusY) {
    double rx = Math.min(radiusX, width / 2);
    double ry = Math.min(radiusY, height / 2);
    Path2D.Double path = new Path2D.Double(Path2D.WIND_NON_ZERO);
    path.moveTo(x + rx, y);
    path.lineTo(x + width - rx, y);
    quarter(path, x + width - rx, y + ry, rx, ry, -Math.PI / 2);
    path.lineTo(x + width, y + height - ry);
    quarter(path, x + width - rx, y + height - ry, rx, ry, 0);
    path.lineTo(x + rx, y + height);
    quarter(path, x + rx, y + height - ry, rx, ry, Math.PI / 2);
    path.lineTo(x, y + ry);
    quarter(path, x + rx, y + ry, rx, ry, Math.PI);
    path.closePath();
    return path;
  }

  private static void quarter(
      Path2D path, double cx, double cy, double rx, double ry, double from) {
    if (rx <= 0 || ry <= 0) {
      return;
    }
    double step = Math.PI / 2 / CURVES_PER_QUARTER;
    double handle = 4.0 / 3 * Math.tan(step / 4);
    for (int i = 0; i < CURVES_PER_QUARTER; i++) {
      double a = from + i * step;
      double b = a + step;
      path.curveTo(
          cx + rx * (Math.cos(a) - handle * Math.sin(a)),
          cy + ry * (Math.sin(a) + handle * Math.cos(a)),
          cx + rx * (Math.cos(b) + handle * Math.sin(b)),
          cy + ry * (Math.sin(b) - handle * Math.cos(b)),
          cx + rx * Math.cos(b),
          cy + ry * Math.sin(b));
    }
  }
}
