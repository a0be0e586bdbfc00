package app.diaphan.core.raster;

import java.util.Arrays;

/**
 * For the middle of every pixel how far it is to the edge of a shape and which way, in time that
 * grows with the area alone.
 *
 * <p>The nearest pixel that the edge passes by is found exactly, as the lower envelope of parabolas
 * first along columns, then along rows (P. Felzenszwalb, D. Huttenlocher, "Distance Transforms of
 * Sampled Functions", Theory of Computing 8, 2012); the distance is that to the {@link Contour}
 * there, followed to where it is nearest. It is right to about 0.05 pixels.
 *
 * @param inside the distance from the edge in units: positive inside, negative outside, infinite
 *     beyond the reach
 * @param inwardsX the part across of the unit vector in which {@code inside} grows, for each value
 *     of it
 * @param inwardsY the part down of the same
 */
public record EdgeField(
    Plane inside, float[] inwardsX, float[] inwardsY, double stepX, double stepY) {
  private static final float FAR = 1e15f;

  /** Nearer to the edge than this share of a pixel its direction comes from the coverage. */
  private static final double NEAR = 0.3;

  /**
   * @param shape with two pixels at least between its sides and any edge
   * @param stepX width of a pixel in the units of the result
   * @param stepY height of a pixel in the same units
   * @param reach how far from the edge distances are wanted
   */
  public static EdgeField of(Plane shape, double stepX, double stepY, double reach) {
    return of(shape, stepX, stepY, reach, 1);
  }

  /**
   * @param finer how many places each way are looked at in each pixel; the result has as many times
   *     more pixels each way
   */
  public static EdgeField of(Plane shape, double stepX, double stepY, double reach, int finer) {
    int width = shape.bounds().width();
    int height = shape.bounds().height();
    Contour contour = Contour.of(shape, stepX, stepY);
    float[] squares = new float[width * height];
    int[] rowOf = new int[squares.length];
    for (int y = 0, at = 0; y < height; y++) {
      for (int x = 0; x < width; x++, at++) {
        squares[at] = contour.beside(x, y) ? 0 : FAR;
      }
    }
    Bands.over(
        0, width, height, (from, to) -> lines(squares, rowOf, from, to, 1, width, height, stepY));
    int[] columnOf = new int[squares.length];
    Bands.over(
        0, height, width, (from, to) -> lines(squares, columnOf, from, to, width, 1, width, stepX));
    Bounds bounds = shape.bounds();
    Plane inside =
        Plane.clear(
            new Bounds(
                bounds.left() * finer,
                bounds.top() * finer,
                bounds.right() * finer,
                bounds.bottom() * finer));
    EdgeField field =
        new EdgeField(
            inside,
            new float[inside.values().length],
            new float[inside.values().length],
            stepX / finer,
            stepY / finer);
    double farthest = reach + 2 * Math.max(stepX, stepY);
    float farthestSquare = (float) Math.min(FAR / 2, farthest * farthest);
    Bands.over(
        0,
        height,
        width,
        (top, bottom) -> {
          double[] found = new double[3];
          double[] direction = new double[2];
          for (int y = top * finer; y < bottom * finer; y++) {
            int row = y / finer;
            double down = (y + 0.5) / finer - 0.5;
            for (int x = 0; x < width * finer; x++) {
              int at = y * width * finer + x;
              int column = x / finer;
              int pixel = row * width + column;
              double across = (x + 0.5) / finer - 0.5;
              boolean in = finer == 1 ? contour.in(x, y) : contour.in(across, down);
              if (squares[pixel] > farthestSquare) {
                field.inside.values()[at] = in ? Float.POSITIVE_INFINITY : Float.NEGATIVE_INFINITY;
              } else {
                int nearest = columnOf[pixel];
                contour.nearest(
                    nearest, rowOf[row * width + nearest], across * stepX, down * stepY, found);
                contour.inwards(column, row, direction);
                field.set(at, across * stepX, down * stepY, in, found, direction);
              }
            }
          }
        });
    return field;
  }

  /**
   * @param direction the one that coverage grows in
   */
  private void set(int at, double x, double y, boolean in, double[] found, double[] direction) {
    double distance = Math.sqrt(found[2]);
    inside.values()[at] = (float) (in ? distance : -distance);
    boolean near = distance < NEAR * Math.min(stepX, stepY);
    boolean told = direction[0] != 0 || direction[1] != 0;
    if (distance > 0 && !(near && told)) {
      double sign = (in ? 1 : -1) / distance;
      direction[0] = (x - found[0]) * sign;
      direction[1] = (y - found[1]) * sign;
    }
    inwardsX[at] = (float) direction[0];
    inwardsY[at] = (float) direction[1];
  }

  /** The coverage of the shape grown by a length, or shrunk by a negative one. */
  public Plane grown(double by) {
    Plane grown = Plane.clear(inside.bounds());
    for (int i = 0; i < grown.values().length; i++) {
      grown.values()[i] = covered(i, inside.values()[i] + by);
    }
    return grown;
  }

  /** The share of a pixel that lies inside, if the edge were moved so that it is so far away. */
  private float covered(int at, double distance) {
    return (float)
        HalfPlane.covered(
            distance, Math.abs(inwardsX[at]) * stepX / 2, Math.abs(inwardsY[at]) * stepY / 2);
  }

  /**
   * Transforms each line from {@code from} to {@code to} in place, and writes for each value the
   * place on its line that it is nearest to.
   */
  private static void lines(
      float[] squares,
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
        squares[at] = (float) Math.min(FAR, across * across * square + source[vertex[segment]]);
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
