package app.diaphan.core.photograph.jpeg;

import java.util.Arrays;

/**
 * From a block's coefficients to its samples and back, by the transform's own formula (ITU-T T.81,
 * A.3.3) in floating point.
 */
final class BlockTransform {
  private static final int SIDE = JpegFrame.BLOCK;

  /** In the order in which coefficients are coded, where they lie in a block row by row. */
  private static final int[] ZIGZAG = zigzag();

  private static final double[] WAVES = waves();

  /** What 8 bits need (F.1.2.2): no code has a place for more. */
  private static final int MOST = 1023;

  private BlockTransform() {}

  private static int[] zigzag() {
    int[] places = new int[SIDE * SIDE];
    int row = 0;
    int column = 0;
    for (int i = 0; i < places.length; i++) {
      places[i] = row * SIDE + column;
      boolean upwards = (row + column) % 2 == 0;
      int ahead = upwards ? column : row;
      int aside = upwards ? row : column;
      if (ahead == SIDE - 1) {
        aside++;
      } else {
        ahead++;
        aside = Math.max(0, aside - 1);
      }
      column = upwards ? ahead : aside;
      row = upwards ? aside : ahead;
    }
    return places;
  }

  /** Of each frequency at each place, so that the transform keeps lengths. */
  private static double[] waves() {
    double[] waves = new double[SIDE * SIDE];
    for (int u = 0; u < SIDE; u++) {
      for (int x = 0; x < SIDE; x++) {
        double scale = u == 0 ? Math.sqrt(1.0 / SIDE) : Math.sqrt(2.0 / SIDE);
        waves[u * SIDE + x] = scale * Math.cos((2 * x + 1) * u * Math.PI / (2 * SIDE));
      }
    }
    return waves;
  }

  /**
   * @param coefficients quantized, in zigzag order
   * @param steps what they are multiplied with
   * @param samples row by row, about 0
   */
  static void toSamples(short[] coefficients, int[] steps, double[] samples) {
    if (flat(coefficients)) {
      Arrays.fill(samples, coefficients[0] * steps[0] / (double) SIDE);
      return;
    }
    double[] frequencies = new double[samples.length];
    for (int i = 0; i < coefficients.length; i++) {
      frequencies[ZIGZAG[i]] = coefficients[i] * steps[i];
    }
    for (int v = 0; v < SIDE; v++) {
      line(frequencies, v * SIDE, 1);
    }
    for (int x = 0; x < SIDE; x++) {
      line(frequencies, x, SIDE);
    }
    System.arraycopy(frequencies, 0, samples, 0, samples.length);
  }

  /** Waves of even numbers are the same from both ends, odd ones opposite: half of them will do. */
  private static void line(double[] values, int from, int step) {
    double[] even = new double[SIDE / 2];
    double[] odd = new double[SIDE / 2];
    for (int u = 0; u < SIDE; u += 2) {
      double one = values[from + u * step];
      double other = values[from + (u + 1) * step];
      for (int x = 0; x < SIDE / 2; x++) {
        even[x] += one * WAVES[u * SIDE + x];
        odd[x] += other * WAVES[(u + 1) * SIDE + x];
      }
    }
    for (int x = 0; x < SIDE / 2; x++) {
      values[from + x * step] = even[x] + odd[x];
      values[from + (SIDE - 1 - x) * step] = even[x] - odd[x];
    }
  }

  private static boolean flat(short[] coefficients) {
    for (int i = 1; i < coefficients.length; i++) {
      if (coefficients[i] != 0) {
        return false;
      }
    }
    return true;
  }

  /** The other way round, to the nearest steps. */
  static void toCoefficients(double[] samples, int[] steps, short[] coefficients) {
    double[] half = new double[samples.length];
    for (int y = 0; y < SIDE; y++) {
      for (int u = 0; u < SIDE; u++) {
        double sum = 0;
        for (int x = 0; x < SIDE; x++) {
          sum += samples[y * SIDE + x] * WAVES[u * SIDE + x];
        }
        half[y * SIDE + u] = sum;
      }
    }
    for (int i = 0; i < coefficients.length; i++) {
      int u = ZIGZAG[i] % SIDE;
      int v = ZIGZAG[i] / SIDE;
      double sum = 0;
      for (int y = 0; y < SIDE; y++) {
        sum += half[y * SIDE + u] * WAVES[v * SIDE + y];
      }
      coefficients[i] = (short) Math.clamp(Math.round(sum / steps[i]), -MOST, MOST);
    }
  }
}
