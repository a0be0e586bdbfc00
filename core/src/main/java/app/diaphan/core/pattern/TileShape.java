package app.diaphan.core.pattern;

import app.diaphan.core.overlay.paint.Pattern;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Coverage;
import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Arc2D;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.stream.IntStream;

/**
 * What is inked of one repetition of a pattern that has edges. A repetition is one unit wide; what
 * reaches beyond it lies in the next.
 */
record TileShape(double height, Shape inked) implements Repetition {
  private static final int LEAST_ACROSS = 32;
  private static final double HEXAGON_SIDE = 1.0 / 3;

  /** A shape, or for patterns that have no edges a texture. */
  static Repetition of(Pattern pattern) {
    return switch (pattern) {
      case STRIPES -> shape(1, rectangle(0, 0, 1, 0.5));
      case PINSTRIPES -> shape(1, rectangle(0, 0, 1, 0.12));
      case CHECKS -> shape(1, rectangle(0, 0, 0.5, 0.5), rectangle(0.5, 0.5, 0.5, 0.5));
      case GRID -> shape(1, rectangle(0, 0, 1, 0.08), rectangle(0, 0, 0.08, 1));
      case DOTS -> shape(1, disc(0.25, 0.25, 0.19), disc(0.75, 0.75, 0.19));
      case RINGS -> shape(1, line(disc(0.5, 0.5, 0.36), 0.1));
      case SCALES -> shape(1, line(bow(0.5, 0), 0.07), line(bow(0, 0.5), 0.07));
      case ZIGZAG -> shape(0.5, line(zigzag(), 0.12));
      case WAVES -> shape(0.5, line(wave(), 0.1));
      case PLAIT -> shape(1, plait());
      case BRICKS ->
          shape(0.5, rectangle(0.02, 0.02, 0.96, 0.21), rectangle(0.52, 0.27, 0.96, 0.21));
      case HONEYCOMB -> {
        double height = Math.sqrt(3) * HEXAGON_SIDE;
        yield shape(height, line(hexagon(0, 0), 0.06), line(hexagon(0.5, height / 2), 0.06));
      }
      case STARS -> shape(1, star(0.25, 0.25), star(0.75, 0.75));
      case GRAIN -> TileTexture.GRAIN;
      case CLOUDS -> TileTexture.CLOUDS;
      case BRUSHED -> TileTexture.BRUSHED;
      case CLOTH -> TileTexture.CLOTH;
    };
  }

  @Override
  public int leastAcross() {
    return LEAST_ACROSS;
  }

  @Override
  public float[] amounts(int across, int down) {
    AffineTransform toPixels = AffineTransform.getScaleInstance(across, down / height);
    Bounds tile = new Bounds(0, 0, across, down);
    return Coverage.of(toPixels.createTransformedShape(inked), tile).fitted(tile).values();
  }

  private static TileShape shape(double height, Shape... parts) {
    Path2D all = new Path2D.Double(Path2D.WIND_NON_ZERO);
    for (int down = -1; down <= 1; down++) {
      for (int right = -1; right <= 1; right++) {
        AffineTransform there = AffineTransform.getTranslateInstance(right, down * height);
        for (Shape part : parts) {
          all.append(there.createTransformedShape(new Area(part)), false);
        }
      }
    }
    return new TileShape(height, new Area(all));
  }

  private static Shape rectangle(double left, double top, double width, double height) {
    return new Rectangle2D.Double(left, top, width, height);
  }

  private static Shape disc(double x, double y, double radius) {
    return new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius);
  }

  private static Shape line(Shape along, double width) {
    return new BasicStroke((float) width, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER)
        .createStrokedShape(along);
  }

  /** The lower half of a circle that is as wide as the repetition. */
  private static Shape bow(double x, double y) {
    return new Arc2D.Double(x - 0.5, y - 0.5, 1, 1, 180, 180, Arc2D.OPEN);
  }

  private static Shape zigzag() {
    Path2D path = new Path2D.Double();
    path.moveTo(-0.5, 0.125);
    for (int i = 0; i <= 4; i++) {
      path.lineTo(i / 2.0, i % 2 == 0 ? 0.375 : 0.125);
    }
    return path;
  }

  private static Shape wave() {
    Path2D path = new Path2D.Double();
    path.moveTo(-0.5, 0.25);
    for (int i = 0; i < 4; i++) {
      double from = (i - 1) / 2.0;
      double swing = i % 2 == 0 ? 0.5 : 0;
      path.curveTo(from + 0.18, swing, from + 0.32, swing, from + 0.5, 0.25);
    }
    return path;
  }

  /** Blocks of three bars, lying and standing in turn. */
  private static Shape plait() {
    Path2D bars = new Path2D.Double();
    IntStream.range(0, 3)
        .forEach(
            i -> {
              double at = i / 6.0 + 0.03;
              double thick = 1 / 6.0 - 0.06;
              bars.append(rectangle(0.02, at, 0.46, thick), false);
              bars.append(rectangle(0.5 + at, 0.02, thick, 0.46), false);
              bars.append(rectangle(at, 0.52, thick, 0.46), false);
              bars.append(rectangle(0.52, 0.5 + at, 0.46, thick), false);
            });
    return bars;
  }

  private static Shape hexagon(double x, double y) {
    return around(x, y, 6, HEXAGON_SIDE, HEXAGON_SIDE, 0);
  }

  private static Shape star(double x, double y) {
    return around(x, y, 10, 0.24, 0.1, -90);
  }

  /** Corners round a point, in turn at two distances from it. */
  private static Shape around(
      double x, double y, int corners, double far, double near, double start) {
    Path2D path = new Path2D.Double();
    for (int i = 0; i < corners; i++) {
      double angle = Math.toRadians(start + 360.0 * i / corners);
      double reach = i % 2 == 0 ? far : near;
      double toX = x + reach * Math.cos(angle);
      double toY = y + reach * Math.sin(angle);
      if (i == 0) {
        path.moveTo(toX, toY);
      } else {
        path.lineTo(toX, toY);
      }
    }
    path.closePath();
    return path;
  }
}
