package app.diaphan.core.overlay.cutout;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import java.util.List;

/**
 * A stroke of the hand over a picture.
 *
 * @param keep whether what lies under it is kept; dropped if not
 * @param width in pixels of the picture
 * @param points one or more, in pixels of the picture
 */
public record Stroke(boolean keep, double width, List<Point> points) {
  public static final int MOST_POINTS = 4000;
  public static final double WIDEST = 2000;

  /** From the left and from the top. */
  public record Point(double x, double y) {
    public Point {
      Require.between(-100_000, 100_000, x, "A stroke's point");
      Require.between(-100_000, 100_000, y, "A stroke's point");
    }
  }

  public Stroke {
    Require.between(0.5, WIDEST, width, "The width of a stroke");
    Require.present(points, "The points of a stroke");
    if (points.isEmpty() || points.size() > MOST_POINTS) {
      throw new InvalidInput(
          Sentence.of("A stroke has 1 to %d points, not %d.", MOST_POINTS, points.size()));
    }
    points = List.copyOf(points);
  }

  Stroke scaled(double by) {
    return new Stroke(
        keep,
        Math.clamp(width * by, 0.5, WIDEST),
        points.stream().map(point -> new Point(point.x() * by, point.y() * by)).toList());
  }
}
