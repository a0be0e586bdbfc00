package app.diaphan.core.raster;

import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;

/**
 * Curved outlines closer to their formulas than {@code java.awt.geom}'s, whose circle of four cubic
 * curves is wrong by 2.7e-4 of its radius: a third of a pixel on a large plate. The error of an arc
 * falls with the sixth power of its angle; with sixteen curves to the turn it is below 1e-7.
 */
public final class Outlines {
  private static final double LONGEST_CURVE = Math.PI / 8;

  private Outlines() {}

  public static Shape ellipse(double x, double y, double width, double height) {
    double rx = width / 2;
    double ry = height / 2;
    Path2D.Double path = new Path2D.Double(Path2D.WIND_NON_ZERO);
    path.moveTo(x + width, y + ry);
    arc(path, x + rx, y + ry, rx, ry, 0, 2 * Math.PI);
    path.closePath();
    return path;
  }

  /**
   * A rectangle from the origin with a radius for each corner. Radii that do not fit beside each
   * other are all made smaller alike, so that the outline stays smooth.
   */
  public static Shape roundedRectangle(
      double width,
      double height,
      double topLeft,
      double topRight,
      double bottomRight,
      double bottomLeft) {
    double fit = 1;
    fit = Math.min(fit, width / Math.max(width, topLeft + topRight));
    fit = Math.min(fit, width / Math.max(width, bottomLeft + bottomRight));
    fit = Math.min(fit, height / Math.max(height, topLeft + bottomLeft));
    fit = Math.min(fit, height / Math.max(height, topRight + bottomRight));
    double tl = topLeft * fit;
    double tr = topRight * fit;
    double br = bottomRight * fit;
    double bl = bottomLeft * fit;
    Path2D.Double path = new Path2D.Double(Path2D.WIND_NON_ZERO);
    path.moveTo(tl, 0);
    path.lineTo(width - tr, 0);
    quarter(path, width - tr, tr, tr, -Math.PI / 2);
    path.lineTo(width, height - br);
    quarter(path, width - br, height - br, br, 0);
    path.lineTo(bl, height);
    quarter(path, bl, height - bl, bl, Math.PI / 2);
    path.lineTo(0, tl);
    quarter(path, tl, tl, tl, Math.PI);
    path.closePath();
    return path;
  }

  /**
   * A closed polygon whose corners are arcs that touch both their sides. Where a side is too short
   * for the arcs at its ends, each takes at most half of it.
   *
   * @param points x and y in turn, three points or more
   * @param radius of the corners; 0 leaves them sharp
   */
  public static Shape polygon(double[] points, double radius) {
    int count = points.length / 2;
    Path2D.Double path = new Path2D.Double(Path2D.WIND_NON_ZERO);
    for (int i = 0; i < count; i++) {
      Point2D before = at(points, (i + count - 1) % count);
      Point2D corner = at(points, i);
      Point2D after = at(points, (i + 1) % count);
      corner(path, before, corner, after, radius);
    }
    path.closePath();
    return path;
  }

  private static Point2D at(double[] points, int i) {
    return new Point2D.Double(points[2 * i], points[2 * i + 1]);
  }

  private static void corner(
      Path2D path, Point2D before, Point2D corner, Point2D after, double radius) {
    double in = corner.distance(before);
    double out = corner.distance(after);
    double ux = (before.getX() - corner.getX()) / in;
    double uy = (before.getY() - corner.getY()) / in;
    double vx = (after.getX() - corner.getX()) / out;
    double vy = (after.getY() - corner.getY()) / out;
    double half = Math.acos(Math.clamp(ux * vx + uy * vy, -1.0, 1.0)) / 2;
    boolean sharp = !(radius > 0) || !(half > 1e-6) || half > Math.PI / 2 - 1e-6;
    if (sharp) {
      lineOrMove(path, corner.getX(), corner.getY());
      return;
    }
    double along = Math.min(radius / Math.tan(half), Math.min(in, out) / 2);
    double r = along * Math.tan(half);
    double toMiddle = Math.hypot(along, r) / Math.hypot(ux + vx, uy + vy);
    double cx = corner.getX() + (ux + vx) * toMiddle;
    double cy = corner.getY() + (uy + vy) * toMiddle;
    double startX = corner.getX() + ux * along;
    double startY = corner.getY() + uy * along;
    lineOrMove(path, startX, startY);
    double sweep = Math.PI - 2 * half;
    double turns = ux * vy - uy * vx;
    arc(path, cx, cy, r, r, Math.atan2(startY - cy, startX - cx), turns < 0 ? sweep : -sweep);
  }

  private static void lineOrMove(Path2D path, double x, double y) {
    if (path.getCurrentPoint() == null) {
      path.moveTo(x, y);
    } else {
      path.lineTo(x, y);
    }
  }

  private static void quarter(Path2D path, double cx, double cy, double radius, double from) {
    if (radius > 0) {
      arc(path, cx, cy, radius, radius, from, Math.PI / 2);
    }
  }

  /**
   * @param sweep in radians, positive clockwise on the screen
   */
  private static void arc(
      Path2D path, double cx, double cy, double rx, double ry, double from, double sweep) {
    int curves = (int) Math.ceil(Math.abs(sweep) / LONGEST_CURVE - 1e-9);
    double step = sweep / curves;
    double handle = 4.0 / 3 * Math.tan(step / 4);
    for (int i = 0; i < curves; i++) {
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
