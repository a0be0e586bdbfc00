package app.diaphan.core.raster;

import java.util.Arrays;

/**
 * Euclidean distance to the anti-aliased edge of a plane, in linear time.
 *
 * <p>The nearest covered pixel of every pixel is found exactly, as the lower envelope of parabolas
 * first along columns, then along rows (P. Felzenszwalb, D. Huttenlocher, "Distance Transforms of
 * Sampled Functions", Theory of Computing 8, 2012). Where the edge passes through that pixel or one
 * beside it follows from its coverage, taking the edge there to be straight and square to the line
 * of sight (after S. Gustavson, R. Strand, "Anti-aliased Euclidean distance transform", Pattern
 * Recognition Letters 32, 2011).
 */
public final class DistanceTransform {
  private static final double FAR = 1e15;

  /** How many pixels beside the nearest one are looked at; the edge may lie nearer in one. */
  private static final int AROUND = 2;

  /** Less coverage than this is no part of the shape. */
  private static final double FAINT = 1.0 / 1024;

  private final Plane coverage;
  private final double stepX;
  private final double stepY;
  private final int width;
  private final int height;

  private DistanceTransform(Plane coverage, double stepX, double stepY) {
    this.coverage = coverage;
    this.stepX = stepX;
    this.stepY = stepY;
    width = coverage.bounds().width();
    height = coverage.bounds().height();
  }

  /**
   * @param stepX width of a pixel in the units of the result
   * @param stepY height of a pixel in the same units
   * @return for the middle of every pixel the distance to the edge of what is covered, over the
   *     same bounds; negative or 0 inside, infinite where the plane covers nothing
   */
  public static Plane toCovered(Plane coverage, double stepX, double stepY) {
    return new DistanceTransform(coverage, stepX, stepY).distances();
  }

  private Plane distances() {
    double[] squares = new double[width * height];
    for (int i = 0; i < squares.length; i++) {
      squares[i] = coverage.values()[i] > FAINT ? 0 : FAR;
    }
    int[] rowOf = new int[squares.length];
    Bands.over(
        0, width, height, (from, to) -> lines(squares, rowOf, from, to, 1, width, height, stepY));
    int[] columnOf = new int[squares.length];
    Bands.over(
        0, height, width, (from, to) -> lines(squares, columnOf, from, to, width, 1, width, stepX));
    Plane result = Plane.clear(coverage.bounds());
    Bands.over(
        0,
        height,
        width,
        (from, to) -> {
          for (int y = from; y < to; y++) {
            for (int x = 0; x < width; x++) {
              int at = y * width + x;
              int column = columnOf[at];
              result.values()[at] =
                  squares[at] >= FAR / 2
                      ? Float.POSITIVE_INFINITY
                      : (float) edgeDistance(x, y, column, rowOf[y * width + column]);
            }
          }
        });
    return result;
  }

  /** The least distance to the edges through the nearest covered pixel and those around it. */
  private double edgeDistance(int x, int y, int nearestX, int nearestY) {
    double least = Double.POSITIVE_INFINITY;
    for (int j = Math.max(0, nearestY - AROUND);
        j <= Math.min(height - 1, nearestY + AROUND);
        j++) {
      for (int i = Math.max(0, nearestX - AROUND);
          i <= Math.min(width - 1, nearestX + AROUND);
          i++) {
        double covered = coverage.values()[j * width + i];
        if (covered > FAINT) {
          double across = (x - i) * stepX;
          double down = (y - j) * stepY;
          double length = Math.hypot(across, down);
          double nx = length == 0 ? 1 : Math.abs(across) / length;
          double ny = length == 0 ? 0 : Math.abs(down) / length;
          least = Math.min(least, length - edge(nx * stepX / 2, ny * stepY / 2, covered));
        }
      }
    }
    return least;
  }

  /**
   * How far from a pixel's middle a straight edge lies that covers this share of it.
   *
   * @param halfX half the pixel's extent along the edge's normal that comes from its width
   * @param halfY the same from its height
   */
  private static double edge(double halfX, double halfY, double covered) {
    double major = Math.max(halfX, halfY);
    double minor = Math.min(halfX, halfY);
    double share = covered - 0.5;
    if (Math.abs(share) <= (major - minor) / (2 * major)) {
      return share * 2 * major;
    }
    double rest = Math.sqrt(8 * major * minor * (0.5 - Math.abs(share)));
    return Math.signum(share) * (major + minor - rest);
  }

  /**
   * Transforms each line from {@code from} to {@code to} in place, and writes for each value the
   * place on its line that it is nearest to.
   */
  private static void lines(
      double[] squares,
      int[] nearest,
      int from,
      int to,
      int lineStep,
      int valueStep,
      int length,
      double step) {
    double[] source = new double[length];
    int[] vertex = new int[length];
    double[] border = new double[length + 1];
    double square = step * step;
    for (int line = from; line < to; line++) {
      int start = line * lineStep;
      for (int i = 0; i < length; i++) {
        source[i] = squares[start + i * valueStep];
      }
      Arrays.fill(vertex, 0);
      int last = 0;
      border[0] = Double.NEGATIVE_INFINITY;
      border[1] = Double.POSITIVE_INFINITY;
      for (int i = 1; i < length; i++) {
        double cross = cross(source, vertex[last], i, square);
        while (cross <= border[last]) {
          last--;
          cross = cross(source, vertex[last], i, square);
        }
        last++;
        vertex[last] = i;
        border[last] = cross;
        border[last + 1] = Double.POSITIVE_INFINITY;
      }
      int segment = 0;
      for (int i = 0; i < length; i++) {
        while (border[segment + 1] < i) {
          segment++;
        }
        double across = i - vertex[segment];
        int at = start + i * valueStep;
        squares[at] = Math.min(FAR, across * across * square + source[vertex[segment]]);
        nearest[at] = vertex[segment];
      }
    }
  }

  /** Where the parabolas over two places of a line cross, in places. */
  private static double cross(double[] source, int a, int b, double square) {
    return (source[b] - source[a] + square * ((double) b * b - (double) a * a))
        / (2 * square * (b - a));
  }
}
