package app.diaphan.core.deliver;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/** Counts what the alpha of a file's pixels is like, row by row. */
final class AlphaCount {
  private final int width;
  private byte[] nothing = {};
  private long clear;
  private long solid;
  private long all;
  private int left = Integer.MAX_VALUE;
  private int right = -1;
  private int top = -1;
  private int bottom = -1;

  AlphaCount(int width) {
    this.width = width;
  }

  /**
   * @param samples pixels of equal size whose last sample is alpha, high byte first
   * @param pixel bytes in a pixel
   * @param sample bytes in a sample: 1 or 2
   * @return whether all samples of the row are 0
   */
  boolean row(int y, byte[] samples, int at, int pixel, int sample) {
    int length = width * pixel;
    if (nothing.length < length) {
      nothing = new byte[length];
    }
    int different = Arrays.mismatch(samples, at, at + length, nothing, 0, length);
    if (different < 0) {
      clear += width;
      all += width;
      return true;
    }
    int first = different / pixel;
    clear += first;
    if (sample == 1) {
      bytes(y, first, samples, at + pixel - 1, pixel);
      all += width;
      return false;
    }
    for (int x = first, i = at + x * pixel + pixel - sample; x < width; x++, i += pixel) {
      int alpha = (samples[i] & 0xff) << 8 | samples[i + 1] & 0xff;
      if (alpha == 0) {
        clear++;
      } else {
        if (alpha == 0xffff) {
          solid++;
        }
        left = Math.min(left, x);
        right = Math.max(right, x);
        top = top < 0 ? y : top;
        bottom = y;
      }
    }
    all += width;
    return false;
  }

  /**
   * Without a branch that nobody could foretell: dithered alphas go up and down by one.
   *
   * @param first the first column that may be drawn
   * @param at where the alpha of column 0 is
   */
  private void bytes(int y, int first, byte[] samples, int at, int pixel) {
    int zeros = 0;
    int whole = 0;
    for (int x = first, i = at + first * pixel; x < width; x++, i += pixel) {
      int alpha = samples[i] & 0xff;
      zeros += alpha - 1 >>> 31;
      whole += alpha + 1 >> 8;
    }
    clear += zeros;
    solid += whole;
    if (zeros == width - first) {
      return;
    }
    int from = first;
    while (samples[at + from * pixel] == 0) {
      from++;
    }
    int to = width - 1;
    while (samples[at + to * pixel] == 0) {
      to--;
    }
    left = Math.min(left, from);
    right = Math.max(right, to);
    top = top < 0 ? y : top;
    bottom = y;
  }

  /** Rows without alpha are solid throughout. */
  void solidRow(int y) {
    solid += width;
    all += width;
    left = 0;
    right = width - 1;
    top = top < 0 ? y : top;
    bottom = y;
  }

  double clearShare() {
    return (double) clear / all;
  }

  double solidShare() {
    return (double) solid / all;
  }

  double partialShare() {
    return (double) (all - clear - solid) / all;
  }

  FileReport.@Nullable DrawnBounds drawn() {
    return top < 0
        ? null
        : new FileReport.DrawnBounds(left, top, right - left + 1, bottom - top + 1);
  }
}
