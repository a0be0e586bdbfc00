package app.diaphan.core.deliver;

import java.util.Arrays;

/**
 * Filters PNG rows. Every few rows the filter is chosen whose result has the least sum of absolute
 * values (the heuristic of the PNG specification, section 12.7) and kept for the rows that follow,
 * which are mostly alike. A row like the one above is recognised first.
 */
final class PngFilter {
  private static final int NONE = 0;
  private static final int LEFT = 1;
  private static final int UP = 2;
  private static final int MEAN = 3;
  private static final int PAETH = 4;
  private static final int CHOOSE_EVERY = 4;

  private final int stride;
  private final int pixel;
  private final boolean search;
  private final byte[] tried;
  private int chosen = LEFT;
  private int sinceChosen = CHOOSE_EVERY;

  /**
   * A row and the one above it.
   *
   * @param at where the row begins among the raw bytes
   * @param first byte of the row that is not clear in both
   * @param last byte of them, exclusive
   */
  private record Rows(byte[] raw, int at, byte[] above, int aboveAt, int first, int last) {}

  /**
   * @param pixel bytes in a pixel
   * @param search whether the best filter is looked for; else differences from the left are taken
   */
  PngFilter(int stride, int pixel, boolean search) {
    this.stride = stride;
    this.pixel = pixel;
    this.search = search;
    tried = new byte[stride];
  }

  /**
   * @param out of zeros from {@code to} on
   */
  void row(byte[] raw, int at, byte[] above, int aboveAt, byte[] out, int to) {
    if (Arrays.equals(raw, at, at + stride, above, aboveAt, aboveAt + stride)) {
      out[to] = UP; // "Up" of an equal row is all zero.
      return;
    }
    // Where both rows are clear every filter gives 0.
    int first = Math.min(clearFrom(raw, at), clearFrom(above, aboveAt));
    int after = Math.max(clearAfter(raw, at), clearAfter(above, aboveAt));
    int last = Math.min(stride, after + pixel);
    Rows rows = new Rows(raw, at, above, aboveAt, first, last);
    if (search && sinceChosen >= CHOOSE_EVERY) {
      chosen = best(rows);
      sinceChosen = 0;
    }
    sinceChosen++;
    out[to] = (byte) chosen;
    apply(chosen, rows, out, to + 1);
  }

  private int best(Rows rows) {
    int best = NONE;
    int least = Integer.MAX_VALUE;
    for (int type = NONE; type <= PAETH; type++) {
      apply(type, rows, tried, 0);
      int sum = 0;
      for (int i = rows.first(); i < rows.last(); i++) {
        sum += Math.abs(tried[i]);
      }
      if (sum < least) {
        least = sum;
        best = type;
      }
    }
    return best;
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

  private void apply(int type, Rows rows, byte[] out, int to) {
    byte[] raw = rows.raw();
    byte[] above = rows.above();
    int at = rows.at();
    int aboveAt = rows.aboveAt();
    int first = rows.first();
    int last = rows.last();
    // The first pixel of a row has no left neighbour: it counts as 0 there.
    for (int i = first; i < Math.min(last, pixel); i++) {
      int up = above[aboveAt + i] & 0xff;
      int predicted =
          switch (type) {
            case UP, PAETH -> up;
            case MEAN -> up / 2;
            default -> 0;
          };
      out[to + i] = (byte) (raw[at + i] - predicted);
    }
    int from = Math.max(first, pixel);
    switch (type) {
      case LEFT -> {
        for (int i = from; i < last; i++) {
          out[to + i] = (byte) (raw[at + i] - raw[at + i - pixel]);
        }
      }
      case UP -> {
        for (int i = from; i < last; i++) {
          out[to + i] = (byte) (raw[at + i] - above[aboveAt + i]);
        }
      }
      case MEAN -> {
        for (int i = from; i < last; i++) {
          int mean = ((raw[at + i - pixel] & 0xff) + (above[aboveAt + i] & 0xff)) / 2;
          out[to + i] = (byte) (raw[at + i] - mean);
        }
      }
      case PAETH -> {
        for (int i = from; i < last; i++) {
          int predicted =
              paeth(
                  raw[at + i - pixel] & 0xff,
                  above[aboveAt + i] & 0xff,
                  above[aboveAt + i - pixel] & 0xff);
          out[to + i] = (byte) (raw[at + i] - predicted);
        }
      }
      default -> System.arraycopy(raw, at + from, out, to + from, last - from);
    }
  }

  /** Without branches, which nobody could foretell. */
  private static int paeth(int left, int up, int corner) {
    int toLeft = Math.abs(up - corner);
    int toUp = Math.abs(left - corner);
    int toCorner = Math.abs(left + up - 2 * corner);
    int second = either(toUp - toCorner - 1, up, corner);
    return either(toLeft - Math.min(toUp, toCorner) - 1, left, second);
  }

  /** The one if a number is negative, else the other. */
  private static int either(int number, int one, int other) {
    int negative = number >> 31;
    return one & negative | other & ~negative;
  }
}
