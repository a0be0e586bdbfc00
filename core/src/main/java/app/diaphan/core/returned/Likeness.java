package app.diaphan.core.returned;

import app.diaphan.core.picture.RasterPicture;

/**
 * A picture on a grid of {@value #SIDE} × {@value #SIDE}, whatever its size, to recognise it by:
 * the means of premultiplied red, green and blue, of alpha, and of the straight colours with clear
 * pixels as black, which is what is left when an alpha is merely dropped.
 */
public final class Likeness {
  static final int SIDE = 32;
  private static final int CHANNELS = 7;
  private static final int ALPHA = 3;

  private final float[] means;

  private Likeness(float[] means) {
    this.means = means;
  }

  public static Likeness of(RasterPicture picture) {
    float[] sums = new float[SIDE * SIDE * CHANNELS];
    int[] counts = new int[SIDE * SIDE];
    for (int y = 0; y < picture.height(); y++) {
      int row = y * SIDE / picture.height() * SIDE;
      for (int x = 0; x < picture.width(); x++) {
        int cell = row + x * SIDE / picture.width();
        counts[cell]++;
        int from = 4 * (y * picture.width() + x);
        float alpha = picture.value(from + ALPHA);
        if (alpha == 0) {
          continue;
        }
        int to = cell * CHANNELS;
        sums[to + ALPHA] += alpha;
        for (int c = 0; c < 3; c++) {
          sums[to + c] += picture.value(from + c);
          sums[to + 4 + c] += picture.value(from + c) / alpha;
        }
      }
    }
    for (int i = 0; i < sums.length; i++) {
      sums[i] /= Math.max(1, counts[i / CHANNELS]);
    }
    return new Likeness(sums);
  }

  /** Reads what {@link #bytes} gave. */
  public static Likeness of(byte[] bytes) {
    float[] means = new float[SIDE * SIDE * CHANNELS];
    for (int i = 0; i < means.length; i++) {
      means[i] = (bytes[i] & 0xff) / 255f;
    }
    return new Likeness(means);
  }

  public byte[] bytes() {
    byte[] bytes = new byte[means.length];
    for (int i = 0; i < means.length; i++) {
      bytes[i] = (byte) Math.round(255 * Math.clamp(means[i], 0f, 1f));
    }
    return bytes;
  }

  /**
   * How far another picture is from this one in the least unkind reading: with its alpha, laid over
   * the colour that explains it best, or with its alpha dropped.
   *
   * @return root of the mean square, 0–1
   */
  public double distance(Likeness returned, boolean hasAlpha) {
    if (hasAlpha) {
      return Math.min(withAlpha(returned), alphaAlone(returned));
    }
    return Math.min(overColour(returned), dropped(returned));
  }

  private double withAlpha(Likeness other) {
    double sum = 0;
    for (int cell = 0; cell < SIDE * SIDE; cell++) {
      for (int c = 0; c <= ALPHA; c++) {
        sum += square(means[cell * CHANNELS + c] - other.means[cell * CHANNELS + c]);
      }
    }
    return Math.sqrt(sum / (4.0 * SIDE * SIDE));
  }

  /** The colours may have been multiplied; a little more is asked of the alpha for that. */
  private double alphaAlone(Likeness other) {
    double sum = 0;
    for (int cell = 0; cell < SIDE * SIDE; cell++) {
      sum += square(means[cell * CHANNELS + ALPHA] - other.means[cell * CHANNELS + ALPHA]);
    }
    return 2 * Math.sqrt(sum / (SIDE * SIDE)) + 0.002;
  }

  private double overColour(Likeness flat) {
    double sum = 0;
    for (int c = 0; c < 3; c++) {
      double ground = ground(flat, c);
      for (int cell = 0; cell < SIDE * SIDE; cell++) {
        int at = cell * CHANNELS;
        sum += square(means[at + c] + (1 - means[at + ALPHA]) * ground - flat.means[at + c]);
      }
    }
    return Math.sqrt(sum / (3.0 * SIDE * SIDE));
  }

  /** The colour beneath that leaves the least squares. */
  private double ground(Likeness flat, int channel) {
    double with = 0;
    double weight = 1e-9;
    for (int cell = 0; cell < SIDE * SIDE; cell++) {
      int at = cell * CHANNELS;
      double open = 1 - means[at + ALPHA];
      with += open * (flat.means[at + channel] - means[at + channel]);
      weight += open * open;
    }
    return Math.clamp(with / weight, 0, 1);
  }

  private double dropped(Likeness flat) {
    double sum = 0;
    for (int cell = 0; cell < SIDE * SIDE; cell++) {
      int at = cell * CHANNELS;
      for (int c = 0; c < 3; c++) {
        sum += square(means[at + 4 + c] - flat.means[at + c]);
      }
    }
    return Math.sqrt(sum / (3.0 * SIDE * SIDE));
  }

  private static double square(double value) {
    return value * value;
  }
}
