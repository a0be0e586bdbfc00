package app.diaphan.core.cutout;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.picture.RasterPicture;
import java.util.Arrays;

/**
 * The colour of a picture's ground at each of its pixels: the same everywhere, or changing evenly
 * across it.
 *
 * @param base red, green and blue at the first pixel, 0–1
 * @param perX what is added for each pixel to the right
 * @param perY what is added for each pixel down
 * @param noise how far its pixels stray from that, as the standard deviation of a channel
 * @param flatShare the share of the border's pixels that are like it, 0–1
 */
public record Ground(double[] base, double[] perX, double[] perY, double noise, double flatShare) {
  private static final int ROUNDS = 8;

  /** A border pixel that strays less than this belongs to the ground however even that is. */
  private static final double ALIKE = 0.02;

  /** What strays more than this is not seen as the same colour, whatever the noise. */
  private static final double EVEN = 0.05;

  /** From the median of absolute residuals to the standard deviation of a normal distribution. */
  private static final double TO_DEVIATION = 1.4826;

  static Ground given(Colour colour) {
    double[] base = {colour.red() / 255.0, colour.green() / 255.0, colour.blue() / 255.0};
    return new Ground(base, new double[3], new double[3], 0, 0);
  }

  /**
   * Fits a plane through each channel of the border's pixels and fits again without those far from
   * it (least trimmed squares; P. J. Rousseeuw, "Least Median of Squares Regression", 1984).
   */
  public static Ground ofBorder(RasterPicture picture) {
    int[] border = border(picture.width(), picture.height());
    boolean[] kept = new boolean[border.length];
    Arrays.fill(kept, true);
    startNearMedian(picture, border, kept);
    double[][] plane = new double[3][];
    double[] strays = new double[border.length];
    double deviation = 0;
    for (int round = 0; round < ROUNDS; round++) {
      for (int c = 0; c < 3; c++) {
        plane[c] = fitted(picture, border, kept, c);
      }
      for (int i = 0; i < border.length; i++) {
        strays[i] = stray(picture, border[i], plane);
      }
      deviation = TO_DEVIATION * medianOf(strays, kept);
      for (int i = 0; i < border.length; i++) {
        kept[i] = strays[i] <= Math.max(ALIKE, 3 * deviation);
      }
    }
    int count = 0;
    for (double stray : strays) {
      count += stray <= EVEN ? 1 : 0;
    }
    return new Ground(
        new double[] {plane[0][0], plane[1][0], plane[2][0]},
        new double[] {plane[0][1], plane[1][1], plane[2][1]},
        new double[] {plane[0][2], plane[1][2], plane[2][2]},
        deviation,
        (double) count / border.length);
  }

  double at(int x, int y, int channel) {
    return Math.clamp(base[channel] + perX[channel] * x + perY[channel] * y, 0.0, 1.0);
  }

  /** The colour in the middle of a picture of this size. */
  public Colour middle(int width, int height) {
    int[] parts = new int[3];
    for (int c = 0; c < 3; c++) {
      parts[c] = (int) Math.rint(255 * at(width / 2, height / 2, c));
    }
    return new Colour(parts[0], parts[1], parts[2], 255);
  }

  private static int[] border(int width, int height) {
    int deep = Math.min(2, Math.min(width, height));
    int[] places = new int[width * height];
    int count = 0;
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        if (x < deep || y < deep || x >= width - deep || y >= height - deep) {
          places[count++] = y * width + x;
        } else {
          x = width - deep - 1;
        }
      }
    }
    return Arrays.copyOf(places, count);
  }

  /** Keeps those nearer to the median than half of them, so that what crosses the border is out. */
  private static void startNearMedian(RasterPicture picture, int[] border, boolean[] kept) {
    double[] median = new double[3];
    double[] values = new double[border.length];
    for (int c = 0; c < 3; c++) {
      for (int i = 0; i < border.length; i++) {
        values[i] = picture.value(4 * border[i] + c);
      }
      median[c] = medianOf(values, kept);
    }
    double[] away = new double[border.length];
    for (int i = 0; i < border.length; i++) {
      for (int c = 0; c < 3; c++) {
        away[i] = Math.max(away[i], Math.abs(picture.value(4 * border[i] + c) - median[c]));
      }
    }
    double half = medianOf(away, kept);
    for (int i = 0; i < border.length; i++) {
      kept[i] = away[i] <= Math.max(half, ALIKE);
    }
  }

  private static double medianOf(double[] values, boolean[] kept) {
    double[] sorted = new double[values.length];
    int count = 0;
    for (int i = 0; i < values.length; i++) {
      if (kept[i]) {
        sorted[count++] = values[i];
      }
    }
    Arrays.sort(sorted, 0, count);
    return count == 0 ? 0 : sorted[count / 2];
  }

  private static double stray(RasterPicture picture, int place, double[][] plane) {
    int x = place % picture.width();
    int y = place / picture.width();
    double stray = 0;
    for (int c = 0; c < 3; c++) {
      double expected = plane[c][0] + plane[c][1] * x + plane[c][2] * y;
      stray = Math.max(stray, Math.abs(picture.value(4 * place + c) - expected));
    }
    return stray;
  }

  /** Least squares of a + b x + c y, by the normal equations about the mean place. */
  private static double[] fitted(RasterPicture picture, int[] border, boolean[] kept, int channel) {
    double n = 0;
    double sx = 0;
    double sy = 0;
    double sv = 0;
    for (int i = 0; i < border.length; i++) {
      if (kept[i]) {
        n++;
        sx += border[i] % picture.width();
        sy += border[i] / picture.width();
        sv += picture.value(4 * border[i] + channel);
      }
    }
    double mx = sx / n;
    double my = sy / n;
    double mv = sv / n;
    double xx = 0;
    double yy = 0;
    double xy = 0;
    double xv = 0;
    double yv = 0;
    for (int i = 0; i < border.length; i++) {
      if (kept[i]) {
        double x = border[i] % picture.width() - mx;
        double y = border[i] / picture.width() - my;
        double v = picture.value(4 * border[i] + channel) - mv;
        xx += x * x;
        yy += y * y;
        xy += x * y;
        xv += x * v;
        yv += y * v;
      }
    }
    double determinant = xx * yy - xy * xy;
    if (determinant < 1e-6 * Math.max(1, xx * yy)) {
      return new double[] {mv, 0, 0};
    }
    double b = (xv * yy - yv * xy) / determinant;
    double c = (yv * xx - xv * xy) / determinant;
    return new double[] {mv - b * mx - c * my, b, c};
  }
}
