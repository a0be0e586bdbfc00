package app.diaphan.core.deliver;

/**
 * Filters PNG rows, choosing for each the filter whose result has the least sum of absolute values
 * (the heuristic of the PNG specification, section 12.7). A row like the one above, or clear, is
 * recognised first.
 */
final class PngFilter {
  private final int stride;
  private final int pixel;
  private final byte[][] tries;

  /**
   * @param pixel bytes in a pixel
   */
  PngFilter(int stride, int pixel) {
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
    fillTries(raw, at, above, aboveAt);
    int best = 0;
    long least = Long.MAX_VALUE;
    for (int type = 0; type < 5; type++) {
      long sum = 0;
      for (byte value : tries[type]) {
        sum += Math.abs(value);
      }
      if (sum < least) {
        least = sum;
        best = type;
      }
    }
    out[to] = (byte) best;
    System.arraycopy(tries[best], 0, out, to + 1, stride);
  }

  private void fillTries(byte[] raw, int at, byte[] above, int aboveAt) {
    for (int i = 0; i < stride; i++) {
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
