package app.diaphan.core.render;

import app.diaphan.core.overlay.PathData;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.raster.Outlines;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.List;

/** The outline of a plate's shape in a box from the origin. */
final class PlateOutline {
  private PlateOutline() {}

  static Shape of(PlateShape shape, double width, double height) {
    return switch (shape) {
      case PlateShape.Rectangle() -> new Rectangle2D.Double(0, 0, width, height);
      case PlateShape.RoundedRectangle(double tl, double tr, double br, double bl) ->
          Outlines.roundedRectangle(width, height, tl, tr, br, bl);
      case PlateShape.Ellipse() -> Outlines.ellipse(0, 0, width, height);
      case PlateShape.Rule(boolean round) ->
          round
              ? Outlines.roundedRectangle(
                  width, height, height / 2, height / 2, height / 2, height / 2)
              : new Rectangle2D.Double(0, 0, width, height);
      case PlateShape.RegularPolygon(int corners, double rounding) ->
          Outlines.polygon(stretched(around(corners, 1), width, height), rounding);
      case PlateShape.Star(int points, double depth, double rounding) -> {
        // Without depth the notches lie on the sides of the polygon between the points.
        double inner = (1 - depth) * Math.cos(Math.PI / points);
        yield Outlines.polygon(stretched(around(2 * points, inner), width, height), rounding);
      }
      case PlateShape.Triangle(double apex, double rounding) ->
          Outlines.polygon(new double[] {0, height, apex * width, 0, width, height}, rounding);
      case PlateShape.Chevron(double point, double rounding) -> {
        double p = Math.min(point, width);
        yield Outlines.polygon(
            new double[] {
              0, 0, width - p, 0, width, height / 2, width - p, height, 0, height, p, height / 2
            },
            rounding);
      }
      case PlateShape.SlantedBar(double left, double right, double rounding) -> {
        double l = Math.clamp(left, -width, width);
        double r = Math.clamp(right, -width, width);
        yield Outlines.polygon(
            new double[] {
              Math.max(0, l),
              0,
              width + Math.min(0, r),
              0,
              width - Math.max(0, r),
              height,
              Math.max(0, -l),
              height
            },
            rounding);
      }
      case PlateShape.Wedge(PlateShape.Corner corner, double rounding) ->
          Outlines.polygon(wedge(corner, width, height), rounding);
      case PlateShape.Drawn(String path, boolean evenOdd) ->
          AffineTransform.getScaleInstance(width, height)
              .createTransformedShape(PathData.read(path, evenOdd));
      case PlateShape.FreePolygon(List<PlateShape.Vertex> points, double rounding) -> {
        double[] xy = new double[2 * points.size()];
        for (int i = 0; i < points.size(); i++) {
          xy[2 * i] = points.get(i).x() * width;
          xy[2 * i + 1] = points.get(i).y() * height;
        }
        yield Outlines.polygon(xy, rounding);
      }
    };
  }

  private static double[] wedge(PlateShape.Corner corner, double width, double height) {
    return switch (corner) {
      case TOP_LEFT -> new double[] {0, 0, width, 0, 0, height};
      case TOP_RIGHT -> new double[] {0, 0, width, 0, width, height};
      case BOTTOM_RIGHT -> new double[] {width, 0, width, height, 0, height};
      case BOTTOM_LEFT -> new double[] {0, 0, width, height, 0, height};
    };
  }

  /** Points evenly round the origin from the top on, every second one nearer to it. */
  private static double[] around(int count, double everySecond) {
    double[] xy = new double[2 * count];
    for (int i = 0; i < count; i++) {
      double radius = i % 2 == 0 ? 1 : everySecond;
      xy[2 * i] = radius * Math.sin(2 * Math.PI * i / count);
      xy[2 * i + 1] = -radius * Math.cos(2 * Math.PI * i / count);
    }
    return xy;
  }

  /** The points moved and stretched so that they just fill the box. */
  private static double[] stretched(double[] xy, double width, double height) {
    double left = Double.POSITIVE_INFINITY;
    double right = Double.NEGATIVE_INFINITY;
    double top = Double.POSITIVE_INFINITY;
    double bottom = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < xy.length; i += 2) {
      left = Math.min(left, xy[i]);
      right = Math.max(right, xy[i]);
      top = Math.min(top, xy[i + 1]);
      bottom = Math.max(bottom, xy[i + 1]);
    }
    double[] fitted = new double[xy.length];
    for (int i = 0; i < xy.length; i += 2) {
      fitted[i] = (xy[i] - left) / (right - left) * width;
      fitted[i + 1] = (xy[i + 1] - top) / (bottom - top) * height;
    }
    return fitted;
  }
}
