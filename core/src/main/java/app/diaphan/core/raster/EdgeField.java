package app.diaphan.core.raster;

import java.util.Arrays;
import java.util.function.DoublePredicate;

/**
 * How far it is from places near the edge of a shape to that edge, and which way, in time that
 * grows with the area near the edge.
 *
 * <p>For each pixel the nearest line of the {@link Contour} is found by handing it on from pixel to
 * pixel, once downwards and once upwards, row by row there and back (P.-E. Danielsson, "Euclidean
 * Distance Mapping", Computer Graphics and Image Processing 14, 1980), and then followed to where
 * it is nearest. Distances are right to about 0.05 pixels.
 */
public final class EdgeField {
  /** Nearer to the edge than this share of a pixel its direction comes from the coverage. */
  private static final double NEAR = 0.3;

  private static final int NONE = -1;

  private final Plane shape;
  private final Contour contour;
  private final double stepX;
  private final double stepY;
  private final double reach;
  private final int width;
  private final int height;

  /** The nearest line for each pixel; none for those beyond the reach. */
  private final int[] nearest;

  /** Told of a place. */
  @FunctionalInterface
  public interface Visitor {
    /**
     * @param pixel the place of the pixel in the shape's values
     * @param inside the distance from the edge in units, positive inside
     * @param inwardsX the part across of the unit vector in which that grows
     * @param inwardsY the part down of the same
     */
    void at(int pixel, double inside, double inwardsX, double inwardsY);
  }

  private EdgeField(Plane shape, double stepX, double stepY, double reach) {
    this.shape = shape;
    this.stepX = stepX;
    this.stepY = stepY;
    // A line is handed on as far as it may be the nearest to any place in a pixel.
    this.reach = reach + Math.max(stepX, stepY);
    width = shape.bounds().width();
    height = shape.bounds().height();
    contour = Contour.of(shape, stepX, stepY);
    nearest = new int[width * height];
    Arrays.fill(nearest, NONE);
    float[] squares = new float[nearest.length];
    Arrays.fill(squares, (float) (this.reach * this.reach));
    sow(squares);
    handOn(squares);
  }

  /**
   * @param shape with two pixels at least between its sides and any edge
   * @param stepX width of a pixel in the units of the result
   * @param stepY height of a pixel in the same units
   * @param reach how far from the edge places are wanted
   */
  public static EdgeField of(Plane shape, double stepX, double stepY, double reach) {
    return new EdgeField(shape, stepX, stepY, reach);
  }

  /** The pixels that are looked at. */
  public Bounds bounds() {
    return shape.bounds();
  }

  /** Whether the middle of a pixel lies inside. */
  public boolean in(int pixel) {
    return contour.in(pixel % width, pixel / width);
  }

  /** The width and height of a pixel seen along a direction, in units. */
  public double extent(double inwardsX, double inwardsY) {
    return Math.abs(inwardsX) * stepX + Math.abs(inwardsY) * stepY;
  }

  /**
   * Tells of places near the edge in pixels that the shape covers, in part at least; those of one
   * pixel follow each other on one thread.
   *
   * @param finer how many places each way are looked at in each pixel
   */
  public void visitShape(int finer, Visitor visitor) {
    visit(finer, coverage -> coverage > 0, visitor);
  }

  /** Tells of the middles of all pixels near the edge. */
  public void visit(Visitor visitor) {
    visit(1, coverage -> true, visitor);
  }

  /**
   * @param wanted told the coverage of a pixel, whether it is looked at
   */
  private void visit(int finer, DoublePredicate wanted, Visitor visitor) {
    Bands.over(
        0,
        height,
        width,
        (top, bottom) -> {
          double[] point = new double[2];
          double[] direction = new double[2];
          for (int y = top; y < bottom; y++) {
            for (int x = 0; x < width; x++) {
              int pixel = y * width + x;
              if (nearest[pixel] != NONE && wanted.test(shape.values()[pixel])) {
                for (int i = 0; i < finer * finer; i++) {
                  double across = x + (i % finer + 0.5) / finer - 0.5;
                  double down = y + (i / finer + 0.5) / finer - 0.5;
                  place(pixel, across, down, point, direction, visitor);
                }
              }
            }
          }
        });
  }

  private void place(
      int pixel, double across, double down, double[] point, double[] direction, Visitor visitor) {
    double px = across * stepX;
    double py = down * stepY;
    int line = contour.nearest(nearest[pixel], px, py);
    contour.point(line, px, py, point);
    double dx = px - point[0];
    double dy = py - point[1];
    double distance = Math.sqrt(dx * dx + dy * dy);
    // Away from the edge the nearest pixel's middle lies on the same side.
    boolean in =
        distance > Math.max(stepX, stepY)
            ? contour.in(pixel % width, pixel / width)
            : contour.in(across, down);
    direction[0] = 0;
    direction[1] = 0;
    if (distance < NEAR * Math.min(stepX, stepY)) {
      contour.inwards((int) Math.rint(across), (int) Math.rint(down), direction);
    }
    if (direction[0] == 0 && direction[1] == 0 && distance > 0) {
      double sign = (in ? 1 : -1) / distance;
      direction[0] = dx * sign;
      direction[1] = dy * sign;
    }
    visitor.at(pixel, in ? distance : -distance, direction[0], direction[1]);
  }

  /** The coverage of the shape grown by a length, or shrunk by a negative one. */
  public Plane grown(double by) {
    Plane grown = Plane.clear(shape.bounds());
    float[] values = grown.values();
    // Grown, what is covered stays so; shrunk, what is clear does.
    for (int y = 0, i = 0; y < height; y++) {
      for (int x = 0; x < width; x++, i++) {
        float covered = shape.values()[i];
        boolean stays = by > 0 ? covered == 1 : covered == 0;
        values[i] = stays ? covered : nearest[i] == NONE && contour.in(x, y) ? 1 : 0;
      }
    }
    visit(
        1,
        covered -> by > 0 ? covered < 1 : covered > 0,
        (pixel, inside, inwardsX, inwardsY) ->
            values[pixel] =
                (float)
                    HalfPlane.covered(
                        inside + by,
                        Math.abs(inwardsX) * stepX / 2,
                        Math.abs(inwardsY) * stepY / 2));
    return grown;
  }

  /**
   * Each line to the four pixels around its square.
   *
   * @param squares of the distances to the nearest lines so far, for each pixel
   */
  private void sow(float[] squares) {
    for (int line = 0; line < contour.lines(); line++) {
      int x = contour.column(line);
      int y = contour.row(line);
      take(x, y, line, squares);
      take(x + 1, y, line, squares);
      take(x, y + 1, line, squares);
      take(x + 1, y + 1, line, squares);
    }
  }

  private void handOn(float[] squares) {
    for (int y = 0; y < height; y++) {
      row(y, y - 1, squares);
    }
    for (int y = height - 1; y >= 0; y--) {
      row(y, y + 1, squares);
    }
  }

  /** Takes over what is nearest from the row before, then along the row there and back. */
  private void row(int y, int before, float[] squares) {
    int row = y * width;
    if (before >= 0 && before < height) {
      for (int x = 0; x < width; x++) {
        take(x, y, nearest[before * width + x], squares);
      }
    }
    for (int x = 1; x < width; x++) {
      take(x, y, nearest[row + x - 1], squares);
    }
    for (int x = width - 2; x >= 0; x--) {
      take(x, y, nearest[row + x + 1], squares);
    }
  }

  private void take(int x, int y, int line, float[] squares) {
    int at = y * width + x;
    if (line != NONE && line != nearest[at]) {
      double square = contour.square(line, x * stepX, y * stepY);
      if (square < squares[at]) {
        squares[at] = (float) square;
        nearest[at] = line;
      }
    }
  }
}
