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
  private static final int NONE = -1;

  /** Where nearest lines next to each other turn by more than 20°, surfaces meet in a fold. */
  private static final double FOLDED = 0.94;

  private final Plane shape;
  private final Contour contour;
  private final double stepX;
  private final double stepY;
  private final double reach;
  private final int width;
  private final int height;

  /** The nearest line for each pixel; none for those beyond the reach. */
  private final int[] nearest;

  /** Columns near an edge, as {@link Contour#near} gives them; elsewhere there is nothing to do. */
  private final int[][] near;

  /** Told of a place. */
  @FunctionalInterface
  public interface Visitor {
    /**
     * @param pixel the place of the pixel in the shape's values
     * @param inside the distance from the edge in units, positive inside
     * @param inwardsX the part across of the unit vector in which that grows
     * @param inwardsY the part down of the same
     * @param side of the square around the place that it stands for, in pixels
     */
    void at(int pixel, double inside, double inwardsX, double inwardsY, double side);
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
    near = contour.near((int) Math.ceil(this.reach / stepX), (int) Math.ceil(this.reach / stepY));
    float[] squares = new float[nearest.length];
    for (int y = 0; y < height; y++) {
      int[] ends = near[Contour.block(y)];
      for (int i = 0; i < ends.length; i += 2) {
        Arrays.fill(
            squares,
            y * width + ends[i],
            y * width + ends[i + 1],
            (float) (this.reach * this.reach));
      }
    }
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
   * How much of a square lies farther inside than so far from the edge, 0–1, as if that were
   * straight.
   *
   * @param inside how far inside its middle lies, in units
   * @param side in pixels
   */
  public double covered(double inside, double inwardsX, double inwardsY, double side) {
    return HalfPlane.covered(
        inside, Math.abs(inwardsX) * stepX * side / 2, Math.abs(inwardsY) * stepY * side / 2);
  }

  /**
   * Tells of places near the edge in pixels that the shape covers, in part at least; those of one
   * pixel follow each other on one thread.
   *
   * @param finer how many places each way are looked at in a pixel in which the direction of the
   *     edge changes at once; in others it is one
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
          Places places = new Places(visitor);
          for (int y = top; y < bottom; y++) {
            int[] ends = near[Contour.block(y)];
            for (int i = 0; i < ends.length; i += 2) {
              for (int x = ends[i]; x < ends[i + 1]; x++) {
                int pixel = y * width + x;
                if (nearest[pixel] != NONE && wanted.test(shape.values()[pixel])) {
                  if (finer == 1) {
                    places.tell(pixel, x, y, 1);
                  } else {
                    places.tell(pixel, finer);
                  }
                }
              }
            }
          }
        });
  }

  /** Finds places one after another; one instance works on one band. */
  private final class Places {
    private final Visitor visitor;

    /**
     * The nearest point of the edge and the vector inwards, as {@link Contour#point} gives them.
     */
    private final double[] found = new double[4];

    private double meanX;
    private double meanY;
    private final int[] candidates = new int[9];
    private int count;

    Places(Visitor visitor) {
      this.visitor = visitor;
    }

    /**
     * Tells of a pixel at once where the edge turns little around it. There the direction is the
     * mean of what the lines say that are the nearest ones beside the pixel: far from a curve a
     * trifle decides which of them is nearest.
     *
     * @param finer how many places each way are told of elsewhere
     */
    void tell(int pixel, int finer) {
      int x = pixel % width;
      int y = pixel / width;
      boolean in = contour.in(x, y);
      int line = contour.nearest(nearest[pixel], x * stepX, y * stepY);
      contour.point(line, x * stepX, y * stepY, in, found);
      double dx = found[2];
      double dy = found[3];
      meanX = dx;
      meanY = dy;
      if (like(pixel - 1, x, y, in, dx, dy)
          && like(pixel + 1, x, y, in, dx, dy)
          && like(pixel - width, x, y, in, dx, dy)
          && like(pixel + width, x, y, in, dx, dy)) {
        double distance = Math.sqrt(contour.square(line, x * stepX, y * stepY));
        double length = Math.sqrt(meanX * meanX + meanY * meanY);
        visitor.at(pixel, in ? distance : -distance, meanX / length, meanY / length, 1);
        return;
      }
      double side = 1.0 / finer;
      findCandidates(pixel);
      for (int i = 0; i < finer * finer; i++) {
        double across = x + (i % finer + 0.5) * side - 0.5;
        double down = y + (i / finer + 0.5) * side - 0.5;
        tell(pixel, nearest(across * stepX, down * stepY), across, down, side);
      }
    }

    /**
     * Lines that may be the nearest ones somewhere in a pixel through which a fold runs: those that
     * are nearest to its middle on either side of the fold.
     */
    private void findCandidates(int pixel) {
      double px = pixel % width * stepX;
      double py = pixel / width * stepY;
      count = 0;
      for (int dy = -1; dy <= 1; dy++) {
        for (int dx = -1; dx <= 1; dx++) {
          int beside = pixel + dy * width + dx;
          if (beside >= 0 && beside < nearest.length && nearest[beside] != NONE) {
            add(contour.nearest(nearest[beside], px, py));
          }
        }
      }
    }

    private void add(int line) {
      for (int i = 0; i < count; i++) {
        if (candidates[i] == line) {
          return;
        }
      }
      candidates[count++] = line;
    }

    /** Of both sides of the fold: following one side's lines never leads to the other's. */
    private int nearest(double px, double py) {
      int best = contour.nearest(candidates[0], px, py);
      double least = contour.square(best, px, py);
      for (int i = 1; i < count; i++) {
        int line = contour.nearest(candidates[i], px, py);
        double square = contour.square(line, px, py);
        if (square < least) {
          best = line;
          least = square;
        }
      }
      return best;
    }

    /** Whether the line nearest to the pixel beside gives the same direction, about. */
    private boolean like(int beside, int x, int y, boolean in, double dx, double dy) {
      if (beside < 0 || beside >= nearest.length || nearest[beside] == NONE) {
        return true;
      }
      contour.point(nearest[beside], x * stepX, y * stepY, in, found);
      meanX += found[2];
      meanY += found[3];
      return dx * found[2] + dy * found[3] >= FOLDED;
    }

    /** Tells of the middle of a pixel. */
    void tell(int pixel, double across, double down, double side) {
      int line = contour.nearest(nearest[pixel], across * stepX, down * stepY);
      tell(pixel, line, across, down, side);
    }

    /** Tells of a place at or beside the middle of a pixel, whose nearest line is known. */
    private void tell(int pixel, int line, double across, double down, double side) {
      double px = across * stepX;
      double py = down * stepY;
      double square = contour.square(line, px, py);
      double far = Math.max(stepX, stepY);
      // Away from the edge the nearest pixel's middle lies on the same side.
      boolean in =
          square > far * far ? contour.in(pixel % width, pixel / width) : contour.in(across, down);
      contour.point(line, px, py, in, found);
      double distance = Math.sqrt(square);
      visitor.at(pixel, in ? distance : -distance, found[2], found[3], side);
    }
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
        (pixel, inside, inwardsX, inwardsY, side) ->
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
    int[] ends = near[Contour.block(y)];
    for (int i = 0; i < ends.length; i += 2) {
      int left = ends[i];
      int right = ends[i + 1];
      if (before >= 0 && before < height) {
        for (int x = left; x < right; x++) {
          take(x, y, nearest[before * width + x], squares);
        }
      }
      for (int x = left + 1; x < right; x++) {
        take(x, y, nearest[row + x - 1], squares);
      }
      for (int x = right - 2; x >= left; x--) {
        take(x, y, nearest[row + x + 1], squares);
      }
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
