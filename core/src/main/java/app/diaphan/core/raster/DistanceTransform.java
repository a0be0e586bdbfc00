package app.diaphan.core.raster;

/**
 * Exact Euclidean distance to the nearest inside of a plane, in linear time: the lower envelope of
 * parabolas, first along columns, then along rows (P. Felzenszwalb, D. Huttenlocher, "Distance
 * Transforms of Sampled Functions", Theory of Computing 8, 2012).
 *
 * <p>Pixels of coverage 1 are at distance 0. A partly covered pixel starts from half a pixel less
 * its coverage, so that the distance of a pixel's middle to the anti-aliased edge is right to a
 * small part of a pixel.
 */
public final class DistanceTransform {
  private static final double FAR = 1e15;

  private DistanceTransform() {}

  /**
   * @param stepX width of a pixel in the units of the result
   * @param stepY height of a pixel in the same units
   * @return distances to the covered pixels of the plane, over the same bounds; infinite where the
   *     plane covers nothing
   */
  public static Plane toCovered(Plane coverage, double stepX, double stepY) {
    Bounds bounds = coverage.bounds();
    int width = bounds.width();
    int height = bounds.height();
    double[] squares = new double[width * height];
    double half = Math.min(stepX, stepY) / 2;
    for (int i = 0; i < squares.length; i++) {
      double covered = coverage.values()[i];
      double start = half * Math.max(0, 1 - 2 * covered);
      squares[i] = covered <= 0 ? FAR : start * start;
    }
    Bands.over(0, width, height, (from, to) -> lines(squares, from, to, 1, width, height, stepY));
    Bands.over(0, height, width, (from, to) -> lines(squares, from, to, width, 1, width, stepX));
    Plane result = Plane.clear(bounds);
    for (int i = 0; i < squares.length; i++) {
      result.values()[i] =
          squares[i] >= FAR / 2 ? Float.POSITIVE_INFINITY : (float) Math.sqrt(squares[i]);
    }
    return result;
  }

  /** Transforms each line from {@code from} to {@code to}; a line has {@code length} values. */
  private static void lines(
      double[] squares, int from, int to, int lineStep, int valueStep, int length, double step) {
    double[] source = new double[length];
    int[] vertex = new int[length];
    double[] border = new double[length + 1];
    double square = step * step;
    for (int line = from; line < to; line++) {
      int start = line * lineStep;
      for (int i = 0; i < length; i++) {
        source[i] = squares[start + i * valueStep];
      }
      int last = 0;
      vertex[0] = 0;
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
        squares[start + i * valueStep] =
            Math.min(FAR, across * across * square + source[vertex[segment]]);
      }
    }
  }

  /** Where the parabolas over two places of a line cross, in places. */
  private static double cross(double[] source, int a, int b, double square) {
    return (source[b] - source[a] + square * ((double) b * b - (double) a * a))
        / (2 * square * (b - a));
  }
}
