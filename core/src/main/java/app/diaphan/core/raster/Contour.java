package app.diaphan.core.raster;

import java.util.Arrays;

/**
 * The edge of an anti-aliased plane as short straight lines, at most two in each square between
 * four pixel middles ("marching squares", W. E. Lorensen, H. E. Cline, SIGGRAPH 1987, in the
 * plane). Each line knows those that go on from its ends.
 *
 * <p>Coverage is made a little softer first, so that it grows across an edge like the normal
 * distribution over more than one pixel; turned back into the distance that has such a coverage, it
 * is straight across the edge, and where it is 0 is found without error by linear interpolation.
 * Blocks in which coverage does not change have no edge and are passed over.
 */
final class Contour {
  private static final int BLOCK = 16;

  /** How much coverage is softened, in pixels; the kernel reaches two pixels. */
  private static final double SOFTENED = 0.5;

  private static final int KERNEL = 2;
  private static final float[] WEIGHTS = weights();
  private static final NormalDistance DISTANCE = NormalDistance.table();
  private static final double POINT = 1e-9;

  /** Lines that go on into each other at a lesser cosine than this, 20°, meet in a corner. */
  private static final double CORNER = 0.94;

  /** So often the vectors inwards are evened along the edge. */
  private static final int EVENINGS = 48;

  /** No edge runs nearer by a pixel's middle, so that every line has a length. */
  private static final float LEAST = 0.01f;

  private final Plane plane;
  private final double stepX;
  private final double stepY;
  private final int width;
  private final int height;
  private final int blocksAcross;
  private final boolean[] edged;

  /** About the distance from the edge in pixels, positive inside. */
  private final float[] depths;

  /** For each square the place of its first line, plus one; 0 for none. */
  private final int[] first;

  private float[] ends = new float[1024];
  private int[] squareOf = new int[256];
  private int[] next = new int[512];

  /** For each end of each line the unit vector inwards; that of the line itself at corners. */
  private float[] normals;

  private boolean[] corners;
  private int count;

  private Contour(Plane plane, double stepX, double stepY) {
    this.plane = plane;
    this.stepX = stepX;
    this.stepY = stepY;
    width = plane.bounds().width();
    height = plane.bounds().height();
    blocksAcross = (width + BLOCK - 1) / BLOCK;
    edged = new boolean[blocksAcross * ((height + BLOCK - 1) / BLOCK)];
    depths = new float[width * height];
    first = new int[width * height];
  }

  /**
   * @param stepX width of a pixel in the units of the result
   * @param stepY height of a pixel in the same units
   */
  static Contour of(Plane plane, double stepX, double stepY) {
    Contour contour = new Contour(plane, stepX, stepY);
    int blocksDown = (contour.height + BLOCK - 1) / BLOCK;
    Bands.over(
        0,
        blocksDown,
        contour.width * BLOCK,
        (top, bottom) -> {
          for (int row = top; row < bottom; row++) {
            for (int column = 0; column < contour.blocksAcross; column++) {
              contour.soften(column, row);
            }
          }
        });
    for (int y = 0; y + 1 < contour.height; y++) {
      for (int x = 0; x + 1 < contour.width; x++) {
        if (!contour.edged(x, y)) {
          x = Math.min(contour.width, (x / BLOCK + 1) * BLOCK) - 1;
        } else {
          contour.square(x, y);
        }
      }
    }
    contour.connect();
    contour.smooth();
    return contour;
  }

  private static float[] weights() {
    float[] weights = new float[2 * KERNEL + 1];
    float sum = 0;
    for (int i = -KERNEL; i <= KERNEL; i++) {
      weights[i + KERNEL] = (float) Math.exp(-i * i / (2 * SOFTENED * SOFTENED));
      sum += weights[i + KERNEL];
    }
    for (int i = 0; i < weights.length; i++) {
      weights[i] /= sum;
    }
    return weights;
  }

  private boolean edged(int x, int y) {
    return edged[y / BLOCK * blocksAcross + x / BLOCK];
  }

  /** Sets the depths of a block unless all is alike in it and around it. */
  private void soften(int column, int row) {
    int left = column * BLOCK;
    int top = row * BLOCK;
    int right = Math.min(width, left + BLOCK);
    int bottom = Math.min(height, top + BLOCK);
    // Squares reach into the next block, and the kernel beyond that.
    int margin = KERNEL + 1;
    float alike = clamped(left, top);
    boolean changes = false;
    int from = Math.max(0, left - margin);
    int to = Math.min(width, right + margin);
    for (int y = Math.max(0, top - margin);
        y < Math.min(height, bottom + margin) && !changes;
        y++) {
      for (int at = y * width + from; at < y * width + to; at++) {
        if (plane.values()[at] != alike) {
          changes = true;
          break;
        }
      }
    }
    if (!changes) {
      float depth = DISTANCE.of(alike);
      for (int y = top; y < bottom; y++) {
        Arrays.fill(depths, y * width + left, y * width + right, depth);
      }
      return;
    }
    edged[row * blocksAcross + column] = true;
    boolean within =
        left >= KERNEL && top >= KERNEL && right + KERNEL <= width && bottom + KERNEL <= height;
    float[] across = new float[(BLOCK + 2 * KERNEL) * BLOCK];
    for (int y = top - KERNEL; y < bottom + KERNEL; y++) {
      for (int x = left; x < right; x++) {
        float sum = 0;
        if (within) {
          int at = y * width + x - KERNEL;
          for (int i = 0; i <= 2 * KERNEL; i++) {
            sum += WEIGHTS[i] * plane.values()[at + i];
          }
        } else {
          for (int i = -KERNEL; i <= KERNEL; i++) {
            sum += WEIGHTS[i + KERNEL] * clamped(x + i, y);
          }
        }
        across[(y - top + KERNEL) * BLOCK + x - left] = sum;
      }
    }
    for (int y = top; y < bottom; y++) {
      for (int x = left; x < right; x++) {
        float sum = 0;
        for (int i = 0; i <= 2 * KERNEL; i++) {
          sum += WEIGHTS[i] * across[(y - top + i) * BLOCK + x - left];
        }
        float depth = DISTANCE.of(sum);
        depths[y * width + x] = Math.abs(depth) < LEAST ? Math.copySign(LEAST, depth) : depth;
      }
    }
  }

  private float clamped(int x, int y) {
    return plane.values()[Math.clamp(y, 0, height - 1) * width + Math.clamp(x, 0, width - 1)];
  }

  /**
   * The columns of pixels near an edge, for each row of {@value #BLOCK} pixels: a list of first
   * columns and those after the last.
   *
   * @param across how many pixels away is near, at least
   */
  int[][] near(int across, int down) {
    int columns = (across + BLOCK - 1) / BLOCK;
    int rows = (down + BLOCK - 1) / BLOCK;
    int blocksDown = (height + BLOCK - 1) / BLOCK;
    int[][] near = new int[blocksDown][];
    int[] edgesBefore = new int[blocksAcross + 1];
    int[] ends = new int[blocksAcross + 1];
    for (int row = 0; row < blocksDown; row++) {
      for (int column = 0; column < blocksAcross; column++) {
        boolean any = false;
        for (int j = Math.max(0, row - rows); j <= Math.min(blocksDown - 1, row + rows); j++) {
          any |= edged[j * blocksAcross + column];
        }
        edgesBefore[column + 1] = edgesBefore[column] + (any ? 1 : 0);
      }
      int count = 0;
      boolean within = false;
      for (int column = 0; column <= blocksAcross; column++) {
        int from = Math.max(0, column - columns);
        int to = Math.min(blocksAcross, column + columns + 1);
        boolean edge = column < blocksAcross && edgesBefore[to] > edgesBefore[from];
        if (edge != within) {
          ends[count++] = Math.min(width, column * BLOCK);
          within = edge;
        }
      }
      near[row] = Arrays.copyOf(ends, count);
    }
    return near;
  }

  /** The row of {@link #near} that a row of pixels is in. */
  static int block(int y) {
    return y / BLOCK;
  }

  int lines() {
    return count;
  }

  /** The column of the pixel whose middle lies at the upper left of the line's square. */
  int column(int line) {
    return squareOf[line] % width;
  }

  int row(int line) {
    return squareOf[line] / width;
  }

  /** The square of the distance from a place to a line, in units. */
  double square(int line, double px, double py) {
    float x0 = ends[4 * line];
    float y0 = ends[4 * line + 1];
    double dx = ends[4 * line + 2] - x0;
    double dy = ends[4 * line + 3] - y0;
    double along = along(px - x0, py - y0, dx, dy);
    double x = px - x0 - along * dx;
    double y = py - y0 - along * dy;
    return x * x + y * y;
  }

  private static double along(double px, double py, double dx, double dy) {
    double square = dx * dx + dy * dy;
    double along = px * dx + py * dy;
    return along <= 0 || square < POINT ? 0 : along >= square ? 1 : along / square;
  }

  /**
   * Follows the edge from a line to the one that is nearest to a place.
   *
   * @param px the place, in units from the middle of the plane's first pixel
   */
  int nearest(int from, double px, double py) {
    int line = from;
    double least = square(from, px, py);
    for (int end = 0; end < 2; end++) {
      int before = from;
      int other = next[2 * from + end];
      for (int step = 0; step < count && other >= 0 && other != from; step++) {
        double square = square(other, px, py);
        if (square > least + POINT) {
          break;
        }
        if (square < least) {
          least = square;
          line = other;
        }
        int onwards = next[2 * other] == before ? 1 : 0;
        before = other;
        other = next[2 * other + onwards];
      }
    }
    return line;
  }

  /**
   * The point of a line that is nearest to a place, and the unit vector inwards there. Along a
   * curve that turns as smoothly as the curve does; past a corner it is the way to the corner.
   *
   * @param inside whether the place lies inside
   * @param found the point across and down, in units, and the vector across and down
   */
  void point(int line, double px, double py, boolean inside, double[] found) {
    float x0 = ends[4 * line];
    float y0 = ends[4 * line + 1];
    double dx = ends[4 * line + 2] - x0;
    double dy = ends[4 * line + 3] - y0;
    double along = along(px - x0, py - y0, dx, dy);
    found[0] = x0 + along * dx;
    found[1] = y0 + along * dy;
    double nx;
    double ny;
    if (along <= 0 && corners[2 * line] || along >= 1 && corners[2 * line + 1]) {
      nx = inside ? px - found[0] : found[0] - px;
      ny = inside ? py - found[1] : found[1] - py;
    } else {
      nx = (1 - along) * normals[4 * line] + along * normals[4 * line + 2];
      ny = (1 - along) * normals[4 * line + 1] + along * normals[4 * line + 3];
    }
    double length = Math.sqrt(nx * nx + ny * ny);
    found[2] = length < POINT ? normals[4 * line] : nx / length;
    found[3] = length < POINT ? normals[4 * line + 1] : ny / length;
  }

  boolean in(int x, int y) {
    return depths[y * width + x] >= 0;
  }

  /** Whether a place between pixel middles lies inside. */
  boolean in(double x, double y) {
    int left = (int) Math.floor(x);
    int top = (int) Math.floor(y);
    double right = x - left;
    double down = y - top;
    double upper = depth(left, top) * (1 - right) + depth(left + 1, top) * right;
    double lower = depth(left, top + 1) * (1 - right) + depth(left + 1, top + 1) * right;
    return upper * (1 - down) + lower * down >= 0;
  }

  private float depth(int x, int y) {
    return depths[Math.clamp(y, 0, height - 1) * width + Math.clamp(x, 0, width - 1)];
  }

  private void square(int x, int y) {
    int at = y * width + x;
    float a = depths[at];
    float b = depths[at + 1];
    float c = depths[at + width + 1];
    float d = depths[at + width];
    int corners = (a >= 0 ? 1 : 0) | (b >= 0 ? 2 : 0) | (c >= 0 ? 4 : 0) | (d >= 0 ? 8 : 0);
    if (corners == 0 || corners == 15) {
      return;
    }
    double x0 = x * stepX;
    double x1 = (x + 1) * stepX;
    double y0 = y * stepY;
    double y1 = (y + 1) * stepY;
    double top = (x + share(a, b)) * stepX;
    double bottom = (x + share(d, c)) * stepX;
    double left = (y + share(a, d)) * stepY;
    double right = (y + share(b, c)) * stepY;
    int square = at;
    switch (corners) {
      case 1, 14 -> line(square, x0, left, top, y0);
      case 2, 13 -> line(square, top, y0, x1, right);
      case 4, 11 -> line(square, x1, right, bottom, y1);
      case 8, 7 -> line(square, x0, left, bottom, y1);
      case 3, 12 -> line(square, x0, left, x1, right);
      case 6, 9 -> line(square, top, y0, bottom, y1);
      default -> {
        // A saddle: what is in the middle decides which corners belong together.
        boolean middle = a + b + c + d >= 0;
        if (middle == (corners == 5)) {
          line(square, top, y0, x1, right);
          line(square, x0, left, bottom, y1);
        } else {
          line(square, x0, left, top, y0);
          line(square, x1, right, bottom, y1);
        }
      }
    }
  }

  private static double share(float from, float to) {
    return from / (from - to);
  }

  private void line(int square, double x0, double y0, double x1, double y1) {
    if (count == squareOf.length) {
      ends = Arrays.copyOf(ends, 8 * count);
      squareOf = Arrays.copyOf(squareOf, 2 * count);
      next = Arrays.copyOf(next, 4 * count);
    }
    ends[4 * count] = (float) x0;
    ends[4 * count + 1] = (float) y0;
    ends[4 * count + 2] = (float) x1;
    ends[4 * count + 3] = (float) y1;
    squareOf[count] = square;
    count++;
    if (first[square] == 0) {
      first[square] = count;
    }
  }

  /** Finds what goes on from each end: a line of one of the squares around with the same end. */
  private void connect() {
    for (int line = 0; line < count; line++) {
      for (int end = 0; end < 2; end++) {
        next[2 * line + end] = going(line, ends[4 * line + 2 * end], ends[4 * line + 2 * end + 1]);
      }
    }
  }

  /** Finds the vectors inwards: those of two lines that go on into each other are made one. */
  private void smooth() {
    float[] own = new float[2 * count];
    for (int line = 0; line < count; line++) {
      float nx = ends[4 * line + 1] - ends[4 * line + 3];
      float ny = ends[4 * line + 2] - ends[4 * line];
      int at = squareOf[line];
      float right = depths[at + 1] + depths[at + width + 1] - depths[at] - depths[at + width];
      float down = depths[at + width] + depths[at + width + 1] - depths[at] - depths[at + 1];
      float sign = nx * right / (float) stepX + ny * down / (float) stepY < 0 ? -1 : 1;
      own[2 * line] = sign * nx;
      own[2 * line + 1] = sign * ny;
    }
    normals = new float[4 * count];
    corners = new boolean[2 * count];
    for (int end = 0; end < 2 * count; end++) {
      int line = end / 2;
      int other = next[end];
      float nx = own[2 * line];
      float ny = own[2 * line + 1];
      if (other >= 0) {
        float ox = own[2 * other];
        float oy = own[2 * other + 1];
        double lengths = Math.sqrt((nx * nx + ny * ny) * (ox * ox + oy * oy));
        corners[end] = nx * ox + ny * oy < CORNER * lengths;
        nx += corners[end] ? 0 : ox;
        ny += corners[end] ? 0 : oy;
      }
      float length = (float) Math.sqrt(nx * nx + ny * ny);
      normals[2 * end] = length == 0 ? 0 : nx / length;
      normals[2 * end + 1] = length == 0 ? 0 : ny / length;
    }
    for (int turn = 0; turn < EVENINGS; turn++) {
      normals = evened();
    }
  }

  /**
   * The vectors inwards, each with a half of those at the next places along the edge: squares cut a
   * curve into lines whose directions stray by a degree or two. Nothing goes past a corner.
   */
  private float[] evened() {
    float[] evened = new float[normals.length];
    for (int end = 0; end < 2 * count; end++) {
      float nx = normals[2 * end];
      float ny = normals[2 * end + 1];
      int other = next[end];
      if (!corners[end] && other >= 0) {
        int before = end ^ 1;
        int after = 2 * other + (next[2 * other] == end / 2 ? 1 : 0);
        nx += (normals[2 * before] + normals[2 * after]) / 2;
        ny += (normals[2 * before + 1] + normals[2 * after + 1]) / 2;
        float length = (float) Math.sqrt(nx * nx + ny * ny);
        nx = length == 0 ? 0 : nx / length;
        ny = length == 0 ? 0 : ny / length;
      }
      evened[2 * end] = nx;
      evened[2 * end + 1] = ny;
    }
    return evened;
  }

  private int going(int from, float x, float y) {
    int column = column(from);
    int row = row(from);
    for (int j = Math.max(0, row - 1); j <= Math.min(height - 2, row + 1); j++) {
      for (int i = Math.max(0, column - 1); i <= Math.min(width - 2, column + 1); i++) {
        int square = j * width + i;
        for (int line = first[square] - 1;
            line >= 0 && line < count && squareOf[line] == square;
            line++) {
          if (line != from
              && (ends[4 * line] == x && ends[4 * line + 1] == y
                  || ends[4 * line + 2] == x && ends[4 * line + 3] == y)) {
            return line;
          }
        }
      }
    }
    return -1;
  }
}
