package app.diaphan.core.raster;

import java.util.Arrays;

/**
 * The edge of an anti-aliased plane as short straight lines, at most two in each square between
 * four pixel middles ("marching squares", W. E. Lorensen, H. E. Cline, SIGGRAPH 1987, in the
 * plane).
 *
 * <p>Coverage is made a little softer first, so that it grows across an edge like the normal
 * distribution over more than one pixel; turned back into the distance that has such a coverage, it
 * is straight across the edge, and where it is 0 is found without error by linear interpolation.
 */
final class Contour {
  /** Both ends of a line lie nearer together than this where an edge only touches a middle. */
  private static final double POINT = 1e-9;

  /** How much coverage is softened, in pixels. */
  private static final double SOFTENED = 0.5;

  private static final NormalDistance DISTANCE = NormalDistance.table();

  /** How often the edge is followed on from where it was nearest. */
  private static final int MOST_STEPS = 8;

  /** About the distance from the edge in pixels, positive inside. */
  private final float[] depths;

  private final double stepX;
  private final double stepY;
  private final int width;
  private final int height;

  /** For each square the place of its first line, plus one; 0 for none. */
  private final int[] first;

  private float[] lines = new float[1024];
  private int[] squareOf = new int[256];
  private int count;

  private Contour(Plane plane, double stepX, double stepY) {
    Plane soft = GaussianBlur.of(plane, SOFTENED, SOFTENED, plane.bounds());
    depths = new float[soft.values().length];
    for (int i = 0; i < depths.length; i++) {
      depths[i] = DISTANCE.of(soft.values()[i]);
    }
    this.stepX = stepX;
    this.stepY = stepY;
    width = plane.bounds().width();
    height = plane.bounds().height();
    first = new int[Math.max(0, (width - 1) * (height - 1))];
  }

  /**
   * @param plane with two clear or solid pixels at least between its sides and any edge
   * @param stepX width of a pixel in the units of the result
   * @param stepY height of a pixel in the same units
   */
  static Contour of(Plane plane, double stepX, double stepY) {
    Contour contour = new Contour(plane, stepX, stepY);
    for (int y = 0; y + 1 < contour.height; y++) {
      for (int x = 0; x + 1 < contour.width; x++) {
        contour.square(x, y);
      }
    }
    return contour;
  }

  /**
   * Finds the point of the edge that is nearest to a place, following the edge from a pixel by
   * which it passes.
   *
   * @param px the place, in units from the middle of the plane's first pixel
   * @param found filled with the point and the square of its distance: x, y, square
   */
  void nearest(int x, int y, double px, double py, double[] found) {
    found[2] = Double.POSITIVE_INFINITY;
    int column = x;
    int row = y;
    for (int step = 0; step < MOST_STEPS; step++) {
      double before = found[2];
      around(column, row, px, py, found);
      int nextColumn = (int) Math.rint(found[0] / stepX);
      int nextRow = (int) Math.rint(found[1] / stepY);
      if (found[2] >= before || nextColumn == column && nextRow == row) {
        return;
      }
      column = nextColumn;
      row = nextRow;
    }
  }

  /** Looks for a point nearer than what was found so far, in the squares around a pixel. */
  private void around(int x, int y, double px, double py, double[] found) {
    for (int j = Math.max(0, y - 2); j <= Math.min(height - 2, y + 1); j++) {
      int row = j * (width - 1);
      for (int i = Math.max(0, x - 2); i <= Math.min(width - 2, x + 1); i++) {
        int line = first[row + i] - 1;
        while (line >= 0 && line < count && squareOf[line] == row + i) {
          nearestOnLine(4 * line, px, py, found);
          line++;
        }
      }
    }
  }

  private void nearestOnLine(int at, double px, double py, double[] found) {
    double x0 = lines[at];
    double y0 = lines[at + 1];
    double dx = lines[at + 2] - x0;
    double dy = lines[at + 3] - y0;
    double square = dx * dx + dy * dy;
    double along =
        square < POINT ? 0 : Math.clamp(((px - x0) * dx + (py - y0) * dy) / square, 0.0, 1.0);
    double x = x0 + along * dx;
    double y = y0 + along * dy;
    double distance = (px - x) * (px - x) + (py - y) * (py - y);
    if (distance < found[2]) {
      found[0] = x;
      found[1] = y;
      found[2] = distance;
    }
  }

  /** Whether the edge runs between this pixel's middle and one beside it. */
  boolean beside(int x, int y) {
    boolean in = in(x, y);
    return x > 0 && in(x - 1, y) != in
        || x + 1 < width && in(x + 1, y) != in
        || y > 0 && in(x, y - 1) != in
        || y + 1 < height && in(x, y + 1) != in;
  }

  boolean in(int x, int y) {
    return depth(x, y) >= 0;
  }

  /** Whether a place between pixel middles lies inside. */
  boolean in(double x, double y) {
    int left = (int) Math.floor(x);
    int top = (int) Math.floor(y);
    double right = x - left;
    double down = y - top;
    double upper = at(left, top) * (1 - right) + at(left + 1, top) * right;
    double lower = at(left, top + 1) * (1 - right) + at(left + 1, top + 1) * right;
    return upper * (1 - down) + lower * down >= 0;
  }

  private float depth(int x, int y) {
    return depths[y * width + x];
  }

  private void square(int x, int y) {
    boolean a = in(x, y);
    boolean b = in(x + 1, y);
    boolean c = in(x + 1, y + 1);
    boolean d = in(x, y + 1);
    if (a == b && b == c && c == d) {
      return;
    }
    double top = a != b ? across(x, y) : -1;
    double bottom = d != c ? across(x, y + 1) : -1;
    double left = a != d ? down(x, y) : -1;
    double right = b != c ? down(x + 1, y) : -1;
    int square = y * (width - 1) + x;
    double x0 = x * stepX;
    double x1 = (x + 1) * stepX;
    double y0 = y * stepY;
    double y1 = (y + 1) * stepY;
    if (a == c && b == d) {
      // A saddle: what is in the middle decides which corners belong together.
      boolean middle = depth(x, y) + depth(x + 1, y) + depth(x + 1, y + 1) + depth(x, y + 1) >= 0;
      if (middle == a) {
        line(square, top, y0, x1, right);
        line(square, x0, left, bottom, y1);
      } else {
        line(square, top, y0, x0, left);
        line(square, x1, right, bottom, y1);
      }
      return;
    }
    double[] ends = new double[4];
    int at = 0;
    if (top >= 0) {
      ends[at++] = top;
      ends[at++] = y0;
    }
    if (right >= 0) {
      ends[at++] = x1;
      ends[at++] = right;
    }
    if (bottom >= 0) {
      ends[at++] = bottom;
      ends[at++] = y1;
    }
    if (left >= 0) {
      ends[at++] = x0;
      ends[at] = left;
    }
    line(square, ends[0], ends[1], ends[2], ends[3]);
  }

  private void line(int square, double x0, double y0, double x1, double y1) {
    if (4 * count == lines.length) {
      lines = Arrays.copyOf(lines, 2 * lines.length);
      squareOf = Arrays.copyOf(squareOf, 2 * squareOf.length);
    }
    lines[4 * count] = (float) x0;
    lines[4 * count + 1] = (float) y0;
    lines[4 * count + 2] = (float) x1;
    lines[4 * count + 3] = (float) y1;
    squareOf[count] = square;
    count++;
    if (first[square] == 0) {
      first[square] = count;
    }
  }

  /** Where the edge crosses from (x, y) to the pixel on its right, in units. */
  private double across(int x, int y) {
    return (x + share(depth(x, y), depth(x + 1, y))) * stepX;
  }

  private double down(int x, int y) {
    return (y + share(depth(x, y), depth(x, y + 1))) * stepY;
  }

  private static double share(float from, float to) {
    return from / (from - to);
  }

  /** The unit vector in which coverage grows fastest at a pixel; of length 0 if none does. */
  void inwards(int x, int y, double[] direction) {
    double gx = (at(x + 1, y) - at(x - 1, y)) / stepX;
    double gy = (at(x, y + 1) - at(x, y - 1)) / stepY;
    double length = Math.hypot(gx, gy);
    direction[0] = length == 0 ? 0 : gx / length;
    direction[1] = length == 0 ? 0 : gy / length;
  }

  private double at(int x, int y) {
    return depth(Math.clamp(x, 0, width - 1), Math.clamp(y, 0, height - 1));
  }
}
