package app.diaphan.core.picture;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.Stroke;
import java.awt.geom.Arc2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.RoundRectangle2D;

/** Where dashes of lines begin, and that there are no more of them than anybody could see. */
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

  /**
   * A rectangle with round corners as a line that begins after its upper left one and goes to the
   * right, as its dashes are to (W3C SVG 1.1, section 9.2); the platform's begins on its left side.
   */
  static Shape begun(Shape shape) {
    if (!(shape instanceof RoundRectangle2D round)
        || round.getArcWidth() <= 0
        || round.getArcHeight() <= 0) {
      return shape;
    }
    double across = Math.min(round.getWidth(), round.getArcWidth());
    double down = Math.min(round.getHeight(), round.getArcHeight());
    double right = round.getMaxX() - across;
    double bottom = round.getMaxY() - down;
    Path2D line = new Path2D.Double();
    line.moveTo(round.getX() + across / 2, round.getY());
    line.append(new Arc2D.Double(right, round.getY(), across, down, 90, -90, Arc2D.OPEN), true);
    line.append(new Arc2D.Double(right, bottom, across, down, 0, -90, Arc2D.OPEN), true);
    line.append(new Arc2D.Double(round.getX(), bottom, across, down, -90, -90, Arc2D.OPEN), true);
    line.append(
        new Arc2D.Double(round.getX(), round.getY(), across, down, 180, -90, Arc2D.OPEN), true);
    line.closePath();
    return line;
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
