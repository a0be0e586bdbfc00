package app.diaphan.core.deliver;

import app.diaphan.core.raster.Bounds;

/**
 * Colours for clear pixels farther from what is drawn than {@link CleanEdges} goes pixel by pixel:
 * those of the nearest block of pixels in which something is drawn. An editor that makes a file
 * twelve times smaller by Lanczos' filter looks 36 px to each side of a pixel. What lies still
 * farther away has no weight that a file of 8 bits could show; whole blocks of one colour cost a
 * file next to nothing.
 *
 * <p>Nearest blocks are found by the two passes of P.-E. Danielsson, "Euclidean distance mapping"
 * (1980).
 */
final class FarColours {
  /** In px. */
  static final int REACH = 40;

  private static final int BLOCK = 8;
  private static final int ROWS_TOGETHER = 8;
  private static final int BLOCKS_AROUND = REACH / BLOCK;

  /** Its blocks lie as those of the whole frame do. */
  private final Bounds covered;

  private final int across;

  /** Red, green and blue of each block, straight, 0–1; -1 where nothing is near. */
  private final float[] colours;

  private FarColours(Bounds covered, int across, float[] colours) {
    this.covered = covered;
    this.across = across;
    this.colours = colours;
  }

  /** Adds up what is drawn in each block. */
  static final class Gathering {
    private final Bounds drawn;
    private final int firstColumn;
    private final int firstRow;
    private final int across;
    private final int down;

    /** Premultiplied colours and alphas. */
    private final double[] sums;

    Gathering(Bounds drawn) {
      this.drawn = drawn;
      firstColumn = Math.floorDiv(drawn.left(), BLOCK);
      firstRow = Math.floorDiv(drawn.top(), BLOCK);
      across = drawn.empty() ? 0 : Math.floorDiv(drawn.right() - 1, BLOCK) + 1 - firstColumn;
      down = drawn.empty() ? 0 : Math.floorDiv(drawn.bottom() - 1, BLOCK) + 1 - firstRow;
      sums = new double[4 * across * down];
    }

    /** Whole rows of blocks each, which can be added side by side. */
    int bands() {
      return (down + ROWS_TOGETHER - 1) / ROWS_TOGETHER;
    }

    /** The first row of pixels of a band. */
    int top(int band) {
      return Math.max(drawn.top(), BLOCK * (firstRow + ROWS_TOGETHER * band));
    }

    int bottom(int band) {
      return Math.min(drawn.bottom(), BLOCK * (firstRow + ROWS_TOGETHER * (band + 1)));
    }

    /**
     * @param pixels premultiplied, of these rows and the columns that are drawn
     */
    void add(int top, int bottom, float[] pixels) {
      int from = 0;
      for (int y = top; y < bottom; y++) {
        int at = 4 * across * (Math.floorDiv(y, BLOCK) - firstRow);
        int left = drawn.left();
        while (left < drawn.right()) {
          int right = Math.min(drawn.right(), BLOCK * (Math.floorDiv(left, BLOCK) + 1));
          addRun(pixels, from, right - left, at);
          from += 4 * (right - left);
          at += 4;
          left = right;
        }
      }
    }

    /** Adds pixels of a row that lie in one block. */
    private void addRun(float[] pixels, int from, int count, int block) {
      double red = sums[block];
      double green = sums[block + 1];
      double blue = sums[block + 2];
      double alpha = sums[block + 3];
      for (int i = from; i < from + 4 * count; i += 4) {
        red += pixels[i];
        green += pixels[i + 1];
        blue += pixels[i + 2];
        alpha += pixels[i + 3];
      }
      sums[block] = red;
      sums[block + 1] = green;
      sums[block + 2] = blue;
      sums[block + 3] = alpha;
    }

    FarColours colours() {
      int wide = across + 2 * BLOCKS_AROUND;
      int high = down + 2 * BLOCKS_AROUND;
      int[] right = new int[wide * high];
      int[] below = new int[wide * high];
      for (int i = 0; i < wide * high; i++) {
        boolean something = alpha(i % wide - BLOCKS_AROUND, i / wide - BLOCKS_AROUND) > 0;
        right[i] = something ? 0 : 2 * (wide + high);
        below[i] = right[i];
      }
      Nearest nearest = new Nearest(wide, high, right, below);
      nearest.find();
      float[] colours = new float[3 * wide * high];
      for (int i = 0; i < wide * high; i++) {
        boolean near =
            (long) right[i] * right[i] + (long) below[i] * below[i]
                <= (long) BLOCKS_AROUND * BLOCKS_AROUND;
        int column = i % wide - BLOCKS_AROUND + right[i];
        int row = i / wide - BLOCKS_AROUND + below[i];
        for (int c = 0; c < 3; c++) {
          // Whole steps of 8 bits, so that nothing has to be dithered between blocks.
          colours[3 * i + c] =
              near
                  ? Math.round(
                          255
                              * Math.min(
                                  1, sums[4 * (row * across + column) + c] / alpha(column, row)))
                      / 255f
                  : -1;
        }
      }
      Bounds covered =
          new Bounds(
              BLOCK * (firstColumn - BLOCKS_AROUND),
              BLOCK * (firstRow - BLOCKS_AROUND),
              BLOCK * (firstColumn - BLOCKS_AROUND + wide),
              BLOCK * (firstRow - BLOCKS_AROUND + high));
      return new FarColours(covered, wide, colours);
    }

    private double alpha(int column, int row) {
      return column < 0 || column >= across || row < 0 || row >= down
          ? 0
          : sums[4 * (row * across + column) + 3];
    }
  }

  /** How many blocks it is to the right and down to the nearest one with something in it. */
  private record Nearest(int wide, int high, int[] right, int[] below) {
    void find() {
      for (int y = 0; y < high; y++) {
        for (int x = 0; x < wide; x++) {
          look(x, y, -1, 0);
          look(x, y, 0, -1);
          look(x, y, -1, -1);
          look(x, y, 1, -1);
        }
        for (int x = wide - 1; x >= 0; x--) {
          look(x, y, 1, 0);
        }
      }
      for (int y = high - 1; y >= 0; y--) {
        for (int x = wide - 1; x >= 0; x--) {
          look(x, y, 1, 0);
          look(x, y, 0, 1);
          look(x, y, 1, 1);
          look(x, y, -1, 1);
        }
        for (int x = 0; x < wide; x++) {
          look(x, y, -1, 0);
        }
      }
    }

    private void look(int x, int y, int dx, int dy) {
      if (x + dx < 0 || x + dx >= wide || y + dy < 0 || y + dy >= high) {
        return;
      }
      int here = y * wide + x;
      int there = (y + dy) * wide + x + dx;
      int r = right[there] + dx;
      int b = below[there] + dy;
      if ((long) r * r + (long) b * b
          < (long) right[here] * right[here] + (long) below[here] * below[here]) {
        right[here] = r;
        below[here] = b;
      }
    }
  }

  /**
   * Gives the clear pixels of a row their colours.
   *
   * @param pixels straight
   * @param at where the row begins
   * @param left the column of the frame that it begins with
   * @param count pixels in the row
   */
  void fill(int y, float[] pixels, int at, int left, int count) {
    if (y < covered.top() || y >= covered.bottom()) {
      return;
    }
    int row = across * ((y - covered.top()) / BLOCK);
    int from = Math.max(left, covered.left());
    int to = Math.min(left + count, covered.right());
    for (int x = from; x < to; x++) {
      int pixel = at + 4 * (x - left);
      if (pixels[pixel + 3] == 0) {
        int colour = 3 * (row + (x - covered.left()) / BLOCK);
        if (colours[colour] >= 0) {
          pixels[pixel] = colours[colour];
          pixels[pixel + 1] = colours[colour + 1];
          pixels[pixel + 2] = colours[colour + 2];
        }
      }
    }
  }
}
