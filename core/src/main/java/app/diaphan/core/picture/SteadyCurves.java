package app.diaphan.core.picture;

import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;

/**
 * Curves whose direction at an end hangs on next to nothing: a control point that is hardly away
 * from that end, as drawing programs write them after rounding. The platform's strokes shoot off
 * from there, as far as the picture goes; with the control point on the end they do not.
 */
final class SteadyCurves {
  /** Of what a curve's control points are apart. */
  private static final double HARDLY = 1e-5;

  private SteadyCurves() {}

  /** The same shape, but for control points that are moved onto the ends of their curves. */
  static Shape of(Shape shape) {
    Path2D steady = new Path2D.Double();
    double[] to = new double[6];
    double x = 0;
    double y = 0;
    double startX = 0;
    double startY = 0;
    for (PathIterator i = shape.getPathIterator(null); !i.isDone(); i.next()) {
      switch (i.currentSegment(to)) {
        case PathIterator.SEG_MOVETO -> {
          steady.moveTo(to[0], to[1]);
          startX = to[0];
          startY = to[1];
        }
        case PathIterator.SEG_LINETO -> steady.lineTo(to[0], to[1]);
        case PathIterator.SEG_QUADTO -> {
          steady.quadTo(to[0], to[1], to[2], to[3]);
          to[0] = to[2];
          to[1] = to[3];
        }
        case PathIterator.SEG_CUBICTO -> {
          steady(x, y, to);
          steady.curveTo(to[0], to[1], to[2], to[3], to[4], to[5]);
          to[0] = to[4];
          to[1] = to[5];
        }
        default -> {
          steady.closePath();
          to[0] = startX;
          to[1] = startY;
        }
      }
      x = to[0];
      y = to[1];
    }
    return steady;
  }

  /**
   * @param curve its control points and its end
   */
  private static void steady(double x, double y, double[] curve) {
    double first = Math.hypot(curve[0] - x, curve[1] - y);
    double middle = Math.hypot(curve[2] - curve[0], curve[3] - curve[1]);
    double last = Math.hypot(curve[4] - curve[2], curve[5] - curve[3]);
    double least = HARDLY * (first + middle + last);
    if (first < least) {
      curve[0] = x;
      curve[1] = y;
    }
    if (last < least) {
      curve[2] = curve[4];
      curve[3] = curve[5];
    }
  }
}
