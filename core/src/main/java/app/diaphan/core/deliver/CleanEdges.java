package app.diaphan.core.deliver;

import java.util.Arrays;

/** Gives clear pixels near drawn ones the colour of the nearest drawn pixel. */
final class CleanEdges {
  private static final int REACH = SampleRows.MARGIN;
  private static final byte NONE = Byte.MAX_VALUE;

  /** As drawn pixels are nearest to themselves. */
  private static final byte[] DRAWN = new byte[256];

  private CleanEdges() {}

  /**
   * @param pixels straight red, green, blue, alpha; alpha 0 is clear
   * @param width of a row in pixels
   * @param firstRow the first of the rows to be filled; those around it are only looked at
   */
  static void spread(float[] pixels, int width, int firstRow, int rows) {
    int height = pixels.length / 4 / width;
    int top = Math.max(0, firstRow - REACH);
    int bottom = Math.min(height, firstRow + rows + REACH);
    byte[] clear = new byte[width * (bottom - top)];
    for (int i = 0, alpha = 4 * top * width + 3; i < clear.length; i++, alpha += 4) {
      clear[i] = (byte) (pixels[alpha] > 0 ? 0 : -1);
    }
    // How many rows away the nearest drawn pixel of the column is, first upwards, then downwards.
    byte[][] nearest = new byte[rows][width];
    byte[] away = new byte[width];
    Arrays.fill(away, NONE);
    for (int y = top; y < firstRow + rows; y++) {
      step(away, clear, (y - top) * width);
      if (y >= firstRow) {
        System.arraycopy(away, 0, nearest[y - firstRow], 0, width);
      }
    }
    Arrays.fill(away, NONE);
    for (int y = bottom - 1; y >= firstRow; y--) {
      step(away, clear, (y - top) * width);
      if (y < firstRow + rows) {
        nearer(nearest[y - firstRow], away);
      }
    }
    for (int y = 0; y < rows; y++) {
      fillRow(pixels, width, firstRow + y, nearest[y]);
    }
  }

  /** One row farther from what is drawn, unless it is drawn here. */
  private static void step(byte[] away, byte[] clear, int row) {
    for (int x = 0; x < away.length; x++) {
      away[x] = (byte) (Math.min(away[x] + 1, NONE) & clear[row + x]);
    }
  }

  /** Of the ways up and down the shorter one, upwards as a negative number; none if it is far. */
  private static void nearer(byte[] up, byte[] down) {
    for (int x = 0; x < up.length; x++) {
      int shorter = down[x] < up[x] ? down[x] : -up[x];
      up[x] = Math.abs(shorter) > REACH ? NONE : (byte) shorter;
    }
  }

  private static void fillRow(float[] pixels, int width, int y, byte[] nearest) {
    int lastNear = Integer.MIN_VALUE / 2;
    int ahead = 0;
    for (int x = 0; x < width; x++) {
      // Most of a row is drawn.
      int many = Math.min(DRAWN.length, width - x);
      int drawn = Arrays.mismatch(nearest, x, x + many, DRAWN, 0, many);
      if (drawn != 0) {
        x += (drawn < 0 ? many : drawn) - 1;
        lastNear = x;
        ahead = x + 1;
        continue;
      }
      while (ahead < width && ahead <= x + REACH) {
        if (nearest[ahead] != NONE) {
          lastNear = ahead;
        }
        ahead++;
      }
      if (lastNear >= x - REACH) {
        fill(pixels, width, x, y, nearest);
      }
    }
  }

  private static void fill(float[] pixels, int width, int x, int y, byte[] nearest) {
    int best = REACH * REACH + 1;
    int source = -1;
    for (int i = Math.max(0, x - REACH); i <= Math.min(width - 1, x + REACH); i++) {
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
