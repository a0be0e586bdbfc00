package app.diaphan.core.deliver;

/** Gives clear pixels near drawn ones the colour of the nearest drawn pixel. */
final class CleanEdges {
  private static final int REACH = SampleRows.MARGIN;
  private static final byte NONE = Byte.MAX_VALUE;

  private CleanEdges() {}

  /**
   * @param pixels straight red, green, blue, alpha; alpha 0 is clear
   * @param left first column near anything drawn
   * @param right first column after
   * @param firstRow the first of the rows to be filled; those around it are only looked at
   */
  static void spread(
      float[] pixels, int width, int height, int left, int right, int firstRow, int rows) {
    byte[] up = new byte[width];
    byte[][] nearest = new byte[rows][width];
    // How many rows away the nearest drawn pixel of the column is, upwards first.
    java.util.Arrays.fill(up, NONE);
    for (int y = Math.max(0, firstRow - REACH); y < firstRow + rows; y++) {
      for (int x = left; x < right; x++) {
        up[x] = step(pixels, width, x, y, up[x]);
        if (y >= firstRow) {
          nearest[y - firstRow][x] = up[x] == NONE ? NONE : (byte) -up[x];
        }
      }
    }
    byte[] down = up;
    java.util.Arrays.fill(down, NONE);
    for (int y = Math.min(height, firstRow + rows + REACH) - 1; y >= firstRow; y--) {
      for (int x = left; x < right; x++) {
        down[x] = step(pixels, width, x, y, down[x]);
        if (y < firstRow + rows && down[x] < Math.abs(nearest[y - firstRow][x])) {
          nearest[y - firstRow][x] = down[x];
        }
      }
    }
    for (int y = 0; y < rows; y++) {
      fillRow(pixels, width, left, right, firstRow + y, nearest[y]);
    }
  }

  private static byte step(float[] pixels, int width, int x, int y, byte before) {
    if (pixels[4 * (y * width + x) + 3] > 0) {
      return 0;
    }
    return before >= REACH ? NONE : (byte) (before + 1);
  }

  private static void fillRow(
      float[] pixels, int width, int left, int right, int y, byte[] nearest) {
    int lastNear = Integer.MIN_VALUE / 2;
    int ahead = left;
    for (int x = left; x < right; x++) {
      while (ahead < right && ahead <= x + REACH) {
        if (nearest[ahead] != NONE) {
          lastNear = ahead;
        }
        ahead++;
      }
      if (nearest[x] != 0 && lastNear >= x - REACH) {
        fill(pixels, width, left, right, x, y, nearest);
      }
    }
  }

  private static void fill(
      float[] pixels, int width, int left, int right, int x, int y, byte[] nearest) {
    int best = REACH * REACH + 1;
    int source = -1;
    for (int i = Math.max(left, x - REACH); i <= Math.min(right - 1, x + REACH); i++) {
      if (nearest[i] != NONE) {
        int distance = (i - x) * (i - x) + nearest[i] * nearest[i];
        if (distance < best) {
          best = distance;
          source = 4 * ((y + nearest[i]) * width + i);
        }
      }
    }
    if (source >= 0) {
      System.arraycopy(pixels, source, pixels, 4 * (y * width + x), 3);
    }
  }
}
