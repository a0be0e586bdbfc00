package app.diaphan.core.deliver;

import java.util.Arrays;

/** Gives clear pixels near drawn ones the colour of the nearest drawn pixel. */
final class CleanEdges {
  private static final int REACH = SampleRows.MARGIN;
  private static final byte NONE = Byte.MAX_VALUE;

  /** As drawn pixels are nearest to themselves. */
  private static final byte[] DRAWN = new byte[256];

  private static final byte[] FAR = far();

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
    int x = 0;
    while (x < width) {
      if (nearest[x] == 0) {
        x = runEnd(nearest, x, DRAWN);
      } else if (nearest[x] == NONE) {
        // Of a run of far columns only its ends have something near.
        int end = runEnd(nearest, x, FAR);
        int first = x == 0 ? x : Math.min(end, x + REACH);
        fill(pixels, width, x, first, y, nearest);
        fill(pixels, width, Math.max(first, end == width ? end : end - REACH), end, y, nearest);
        x = end;
      } else {
        fill(pixels, width, x, x + 1, y, nearest);
        x++;
      }
    }
  }

  /** Where the columns end that are like one, from it on. */
  private static int runEnd(byte[] nearest, int x, byte[] like) {
    while (x < nearest.length) {
      int many = Math.min(like.length, nearest.length - x);
      int run = Arrays.mismatch(nearest, x, x + many, like, 0, many);
      if (run >= 0) {
        return x + run;
      }
      x += many;
    }
    return x;
  }

  private static void fill(float[] pixels, int width, int from, int to, int y, byte[] nearest) {
    for (int x = from; x < to; x++) {
      int best = REACH * REACH + 1;
      int found = -1;
      for (int away = 0; away * away <= best && away <= REACH; away++) {
        for (int side = -1; side <= 1; side += 2) {
          int i = x + side * away;
          if (i >= 0 && i < width && nearest[i] != NONE) {
            int distance = away * away + nearest[i] * nearest[i];
            // Of equally near ones the leftmost.
            if (distance < best || distance == best && i < found) {
              best = distance;
              found = i;
            }
          }
        }
      }
      if (found >= 0) {
        int source = 4 * ((y + nearest[found]) * width + found);
        System.arraycopy(pixels, source, pixels, 4 * (y * width + x), 3);
      }
    }
  }

  private static byte[] far() {
    byte[] far = new byte[DRAWN.length];
    Arrays.fill(far, NONE);
    return far;
  }
}
