package app.diaphan.core.picture;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.Stroke;
import java.awt.geom.PathIterator;

/** Keeps lines from being broken into more dashes than anybody could see. */
final class Dashes {
  private static final double MOST = 20_000;
  private static final double FLATNESS = 0.5;

  private Dashes() {}

  /** The stroke itself, or one without dashes if there would be too many. */
  static Stroke bounded(Stroke stroke, Shape shape) {
    if (!(stroke instanceof BasicStroke basic) || basic.getDashArray() == null) {
      return stroke;
    }
    double period = 0;
    for (float dash : basic.getDashArray()) {
      period += dash;
    }
    return length(shape) <= MOST * period
        ? stroke
        : new BasicStroke(
            basic.getLineWidth(), basic.getEndCap(), basic.getLineJoin(), basic.getMiterLimit());
  }

  private static double length(Shape shape) {
    double length = 0;
    double[] point = new double[6];
    double x = 0;
    double y = 0;
    for (PathIterator i = shape.getPathIterator(null, FLATNESS); !i.isDone(); i.next()) {
      int kind = i.currentSegment(point);
      if (kind == PathIterator.SEG_LINETO) {
        length += Math.hypot(point[0] - x, point[1] - y);
      }
      if (kind != PathIterator.SEG_CLOSE) {
        x = point[0];
        y = point[1];
      }
    }
    return length;
  }
}
