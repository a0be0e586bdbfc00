package app.diaphan.core.type;

import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;

/** Takes a shape apart into its closed curves. */
final class Contours {
  private Contours() {}

  static List<Path2D> of(Shape shape) {
    List<Path2D> contours = new ArrayList<>();
    Path2D.Double current = new Path2D.Double();
    double[] c = new double[6];
    for (PathIterator i = shape.getPathIterator(null); !i.isDone(); i.next()) {
      switch (i.currentSegment(c)) {
        case PathIterator.SEG_MOVETO -> {
          current = new Path2D.Double(Path2D.WIND_NON_ZERO);
          contours.add(current);
          current.moveTo(c[0], c[1]);
        }
        case PathIterator.SEG_LINETO -> current.lineTo(c[0], c[1]);
        case PathIterator.SEG_QUADTO -> current.quadTo(c[0], c[1], c[2], c[3]);
        case PathIterator.SEG_CUBICTO -> current.curveTo(c[0], c[1], c[2], c[3], c[4], c[5]);
        default -> current.closePath();
      }
    }
    return contours;
  }
}
