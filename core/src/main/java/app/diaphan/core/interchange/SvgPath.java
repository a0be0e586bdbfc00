package app.diaphan.core.interchange;

import app.diaphan.core.Sentence;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;

/** Shapes and transforms as SVG writes them. */
final class SvgPath {
  private SvgPath() {}

  /** The attributes of a path: its data and how its windings count. */
  static String of(Shape shape) {
    StringBuilder data = new StringBuilder();
    PathIterator path = shape.getPathIterator(null);
    double[] points = new double[6];
    for (; !path.isDone(); path.next()) {
      switch (path.currentSegment(points)) {
        case PathIterator.SEG_MOVETO -> add(data, 'M', points, 2);
        case PathIterator.SEG_LINETO -> add(data, 'L', points, 2);
        case PathIterator.SEG_QUADTO -> add(data, 'Q', points, 4);
        case PathIterator.SEG_CUBICTO -> add(data, 'C', points, 6);
        default -> data.append('Z');
      }
    }
    String rule = path.getWindingRule() == PathIterator.WIND_EVEN_ODD ? "evenodd" : "nonzero";
    return Sentence.of("fill-rule=\"%s\" d=\"%s\"", rule, data);
  }

  private static void add(StringBuilder data, char command, double[] points, int count) {
    data.append(command);
    for (int i = 0; i < count; i++) {
      data.append(i == 0 ? "" : " ").append(Xml.number(points[i]));
    }
  }

  static String matrix(AffineTransform transform) {
    return Sentence.of(
        "matrix(%s %s %s %s %s %s)",
        exact(transform.getScaleX()),
        exact(transform.getShearY()),
        exact(transform.getShearX()),
        exact(transform.getScaleY()),
        exact(transform.getTranslateX()),
        exact(transform.getTranslateY()));
  }

  /** Factors may be small; four digits would not do. */
  private static String exact(double value) {
    return Math.abs(value) < 1e-12 ? "0" : Double.toString(value);
  }
}
