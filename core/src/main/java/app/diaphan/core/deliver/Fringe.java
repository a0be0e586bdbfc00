package app.diaphan.core.deliver;

/**
 * Measures what an editor makes of a file's edges when it halves it by mixing straight colours and
 * alphas apart: 2 × 2 pixels of different alphas, compared with what they are together. The
 * difference is the same over any backdrop.
 */
final class Fringe {
  private final int width;
  private final int sample;
  private final double most;
  private final byte[] above;
  private boolean aboveClear = true;

  /** Sixteen times the worst difference, in steps of a sample times steps of alpha. */
  private long worst;

  /**
   * @param sample bytes in a sample: 1 or 2
   */
  Fringe(int width, int sample) {
    this.width = width;
    this.sample = sample;
    most = sample == 1 ? 255 : 65535;
    above = new byte[width * 4 * sample];
  }

  /**
   * @param samples straight red, green, blue and alpha of each pixel, high byte first
   * @param clear whether all of them are 0
   */
  void row(int y, byte[] samples, int at, boolean clear) {
    if (y % 2 == 0) {
      if (!clear || !aboveClear) {
        System.arraycopy(samples, at, above, 0, above.length);
      }
      aboveClear = clear;
      return;
    }
    if (aboveClear && clear) {
      return;
    }
    int pixel = 4 * sample;
    for (int x = 0, i = 0; x + 1 < width; x += 2, i += 2 * pixel) {
      // Nearly every block has one alpha throughout, which alone tells that it is right.
      int a = alpha(above, i);
      int b = alpha(above, i + pixel);
      int c = alpha(samples, at + i);
      int d = alpha(samples, at + i + pixel);
      if (a != b || a != c || a != d) {
        block(samples, at, i, a, b, c, d);
      }
    }
  }

  private void block(byte[] below, int at, int i, int a, int b, int c, int d) {
    int right = i + 4 * sample;
    long solidity = a + b + c + d;
    for (int channel = 0; channel < 3; channel++) {
      long one = value(above, i, channel);
      long two = value(above, right, channel);
      long three = value(below, at + i, channel);
      long four = value(below, at + right, channel);
      long mixed = (one + two + three + four) * solidity;
      long truly = 4 * (one * a + two * b + three * c + four * d);
      worst = Math.max(worst, Math.abs(mixed - truly));
    }
  }

  private int alpha(byte[] samples, int pixel) {
    return value(samples, pixel, 3);
  }

  private int value(byte[] samples, int pixel, int channel) {
    int i = pixel + channel * sample;
    return sample == 1 ? samples[i] & 0xff : (samples[i] & 0xff) << 8 | samples[i + 1] & 0xff;
  }

  /** In 255ths, to a hundredth. */
  double worst() {
    return Math.rint(worst / 16.0 / (most * most) * 25500) / 100;
  }
}
