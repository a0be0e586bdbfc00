package app.diaphan.core.ornament;

import app.diaphan.core.overlay.PathData;
import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;

/** What ornaments are drawn with. Units are arbitrary; a shape is brought to its box at the end. */
final class Pen {
  private Pen() {}

  static Area together(Shape... parts) {
    Area all = new Area();
    for (Shape part : parts) {
      all.add(new Area(part));
    }
    return all;
  }

  /** With its mirror image across the vertical line through 0. */
  static Area mirrored(Shape shape) {
    return together(shape, moved(shape, AffineTransform.getScaleInstance(-1, 1)));
  }

  /** So many times, turned evenly about the origin. */
  static Area around(Shape shape, int times) {
    Area all = new Area();
    for (int i = 0; i < times; i++) {
      all.add(new Area(turned(shape, 360.0 * i / times)));
    }
    return all;
  }

  static Shape turned(Shape shape, double degrees) {
    return moved(shape, AffineTransform.getRotateInstance(Math.toRadians(degrees)));
  }

  static Shape shifted(Shape shape, double right, double down) {
    return moved(shape, AffineTransform.getTranslateInstance(right, down));
  }

  private static Shape moved(Shape shape, AffineTransform by) {
    return by.createTransformedShape(shape);
  }

  static Shape disc(double x, double y, double radius) {
    return new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius);
  }

  static Shape bar(double left, double top, double width, double height) {
    return new Rectangle2D.Double(left, top, width, height);
  }

  /** A ring between two radii about the origin. */
  static Area ring(double outer, double inner) {
    Area ring = new Area(disc(0, 0, outer));
    ring.subtract(new Area(disc(0, 0, inner)));
    return ring;
  }

  /** Straight edges between points, x and y in turn. */
  static Shape polygon(double... points) {
    Path2D path = new Path2D.Double();
    path.moveTo(points[0], points[1]);
    for (int i = 2; i < points.length; i += 2) {
      path.lineTo(points[i], points[i + 1]);
    }
    path.closePath();
    return path;
  }

  /** A line with round ends along curves: a start, then three points for each curve. */
  static Shape line(double width, double... points) {
    Path2D path = new Path2D.Double();
    path.moveTo(points[0], points[1]);
    for (int i = 2; i < points.length; i += 6) {
      path.curveTo(
          points[i], points[i + 1], points[i + 2], points[i + 3], points[i + 4], points[i + 5]);
    }
    return new BasicStroke((float) width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
        .createStrokedShape(path);
  }

  /** The same along path data. */
  static Shape line(double width, String path) {
    return new BasicStroke((float) width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
        .createStrokedShape(PathData.read(path, false));
  }

  /** What path data goes round. */
  static Shape filled(String path) {
    return PathData.read(path, false);
  }

  /** A leaf from the origin to the right, pointed at both ends. */
  static Shape leaf(double length, double width) {
    Path2D path = new Path2D.Double();
    path.moveTo(0, 0);
    path.curveTo(length / 3, -width, 2 * length / 3, -width / 2, length, 0);
    path.curveTo(2 * length / 3, width / 2, length / 3, width, 0, 0);
    path.closePath();
    return path;
  }

  /** A line that is thickest in the middle and ends in points, about the origin. */
  static Shape swelling(double length, double thick) {
    Path2D path = new Path2D.Double();
    path.moveTo(-length / 2, 0);
    path.quadTo(0, -thick, length / 2, 0);
    path.quadTo(0, thick, -length / 2, 0);
    path.closePath();
    return path;
  }
}
