package app.diaphan.core.deliver;

/**
 * Filters PNG rows, choosing for each the filter whose result has the least sum of absolute values
 * (the heuristic of the PNG specification, section 12.7). A row like the one above, or clear, is
 * recognised first.
 */
final class PngFilter {
  private final int stride;
  private final int pixel;
  private final boolean search;
  private final byte[][] tries;

  /**
   * @param pixel bytes in a pixel
   * @param search whether the best filter is looked for; else differences from the left are taken
   */
  PngFilter(int stride, int pixel, boolean search) {
    this.search = search;
    this.stride = stride;
    this.pixel = pixel;
    tries = new byte[5][stride];
  }

  void row(byte[] raw, int at, byte[] above, int aboveAt, byte[] out, int to) {
    if (java.util.Arrays.equals(raw, at, at + stride, above, aboveAt, aboveAt + stride)) {
      out[to] = 2; // "Up" of an equal row is all zero.
      java.util.Arrays.fill(out, to + 1, to + 1 + stride, (byte) 0);
      return;
    }
    if (!search) {
      out[to] = 1;
      for (int i = 0; i < stride; i++) {
        out[to + 1 + i] = (byte) (raw[at + i] - (i < pixel ? 0 : raw[at + i - pixel]));
      }
      return;
    }
    // Where both rows are clear every filter gives 0.
    int first = Math.min(clearFrom(raw, at), clearFrom(above, aboveAt));
    int last = Math.max(clearAfter(raw, at), clearAfter(above, aboveAt));
    last = Math.min(stride, last + pixel);
    fillTries(raw, at, above, aboveAt, first, last);
    int best = 0;
    int least = Integer.MAX_VALUE;
    for (int type = 0; type < 5; type++) {
      byte[] values = tries[type];
      int sum = 0;
      for (int i = first; i < last; i++) {
        sum += Math.abs(values[i]);
      }
      if (sum < least) {
        least = sum;
        best = type;
      }
    }
    out[to] = (byte) best;
    java.util.Arrays.fill(out, to + 1, to + 1 + stride, (byte) 0);
    System.arraycopy(tries[best], first, out, to + 1 + first, last - first);
  }

  private int clearFrom(byte[] bytes, int at) {
    int i = 0;
    while (i < stride && bytes[at + i] == 0) {
      i++;
    }
    return i;
  }

  private int clearAfter(byte[] bytes, int at) {
    int i = stride;
    while (i > 0 && bytes[at + i - 1] == 0) {
      i--;
    }
    return i;
  }

  private void fillTries(byte[] raw, int at, byte[] above, int aboveAt, int first, int last) {
    for (int i = first; i < last; i++) {
      int value = raw[at + i] & 0xff;
      int left = i < pixel ? 0 : raw[at + i - pixel] & 0xff;
      int up = above[aboveAt + i] & 0xff;
      int corner = i < pixel ? 0 : above[aboveAt + i - pixel] & 0xff;
      tries[0][i] = (byte) value;
      tries[1][i] = (byte) (value - left);
      tries[2][i] = (byte) (value - up);
      tries[3][i] = (byte) (value - (left + up) / 2);
      tries[4][i] = (byte) (value - paeth(left, up, corner));
    }
  }

  private static int paeth(int left, int up, int corner) {
    int toLeft = Math.abs(up - corner);
    int toUp = Math.abs(left - corner);
    int toCorner = Math.abs(left + up - 2 * corner);
    if (toLeft <= toUp && toLeft <= toCorner) {
      return left;
    }
    return toUp <= toCorner ? up : corner;
  }
}
