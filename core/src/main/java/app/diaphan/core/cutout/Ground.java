package app.diaphan.core.cutout;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bands;
import java.util.Arrays;

/**
 * The colour of a picture's ground at each of its pixels: the same everywhere, changing evenly
 * across it, or bent as the light of a scanner or of a lens falls off.
 *
 * @param colour of each channel, 0–1
 * @param noise how far its pixels stray from that, as the standard deviation of a channel
 * @param flatShare the share of the border's pixels that are like one that changes evenly, 0–1
 */
public record Ground(Surface[] colour, double noise, double flatShare) {
  private static final int ROUNDS = 8;

  /** A border pixel that strays less than this belongs to the ground however even that is. */
  private static final double ALIKE = 0.02;

  /** What strays more than this is not seen as the same colour, whatever the noise. */
  private static final double EVEN = 0.05;

  /** A bent ground has to leave no more of what an even one leaves than this. */
  private static final double WORTH_BENDING = 0.8;

  /** An even ground that leaves no more than this is right: half a step of 8 bits. */
  private static final double RIGHT = 0.5 / 255;

  /** So many pixels at most tell how a ground is bent. */
  private static final int ENOUGH = 40_000;

  /** From the median of absolute residuals to the standard deviation of a normal distribution. */
  private static final double TO_DEVIATION = 1.4826;

  /** What is known of a ground from some pixels. */
  private record Fit(Surface[] colour, double noise, double[] strays) {}

  static Ground of(RasterPicture picture, CutOut.GroundColour ground) {
    return switch (ground) {
      case CutOut.GroundColour.OfBorder() -> ofBorder(picture);
      case CutOut.GroundColour.OfColour(Colour colour) -> given(colour);
    };
  }

  private static Ground given(Colour colour) {
    return new Ground(
        new Surface[] {
          Surface.flat(colour.red() / 255.0),
          Surface.flat(colour.green() / 255.0),
          Surface.flat(colour.blue() / 255.0)
        },
        0,
        0);
  }

  /**
   * Fits a plane through each channel of the border's pixels and fits again without those far from
   * it (least trimmed squares; P. J. Rousseeuw, "Least Median of Squares Regression", 1984); where
   * that leaves clearly less, a surface of second order.
   */
  public static Ground ofBorder(RasterPicture picture) {
    int[] border = border(picture.width(), picture.height());
    Fit even = fitted(picture, border, Surface.EVEN);
    int count = 0;
    for (double stray : even.strays()) {
      count += stray <= EVEN ? 1 : 0;
    }
    double flatShare = (double) count / border.length;
    if (even.noise() > RIGHT) {
      Fit bent = fitted(picture, border, Surface.BENT);
      if (bent.noise() < WORTH_BENDING * even.noise()) {
        return new Ground(bent.colour(), bent.noise(), flatShare);
      }
    }
    return new Ground(even.colour(), even.noise(), flatShare);
  }

  /** Whether it is bent. */
  boolean bent() {
    return colour[0].bent() || colour[1].bent() || colour[2].bent();
  }

  /** The same ground, told by all its pixels instead of the border's. */
  Ground refined(RasterPicture picture, boolean[] ground) {
    int count = 0;
    for (boolean in : ground) {
      count += in ? 1 : 0;
    }
    if (count == 0) {
      return this;
    }
    int step = Math.max(1, count / ENOUGH);
    int[] places = new int[(count + step - 1) / step];
    int next = 0;
    int seen = 0;
    for (int place = 0; place < ground.length; place++) {
      if (ground[place] && seen++ % step == 0) {
        places[next++] = place;
      }
    }
    Fit fit = fitted(picture, Arrays.copyOf(places, next), Surface.BENT);
    return new Ground(fit.colour(), Math.max(noise, fit.noise()), flatShare);
  }

  /**
   * Which pixels have its colour.
   *
   * @param tolerance how far from it they may be, as the root of the mean square of the channels
   */
  boolean[] in(RasterPicture picture, double tolerance) {
    int width = picture.width();
    boolean[] in = new boolean[width * picture.height()];
    Bands.over(
        0,
        picture.height(),
        width,
        (top, bottom) -> {
          for (int place = top * width; place < bottom * width; place++) {
            float alpha = picture.value(4 * place + 3);
            double sum = 0;
            for (int c = 0; c < 3; c++) {
              double own = alpha > 0 ? picture.value(4 * place + c) / alpha : 0;
              double off = own - at(place % width, place / width, c);
              sum += off * off;
            }
            in[place] = Math.sqrt(sum / 3) <= tolerance;
          }
        });
    return in;
  }

  double at(int x, int y, int channel) {
    return Math.clamp(colour[channel].at(x, y), 0.0, 1.0);
  }

  /** The colour in the middle of a picture of this size. */
  public Colour middle(int width, int height) {
    int[] parts = new int[3];
    for (int c = 0; c < 3; c++) {
      parts[c] = (int) Math.rint(255 * at(width / 2, height / 2, c));
    }
    return new Colour(parts[0], parts[1], parts[2], 255);
  }

  private static Fit fitted(RasterPicture picture, int[] places, int terms) {
    boolean[] kept = new boolean[places.length];
    Arrays.fill(kept, true);
    startNearMedian(picture, places, kept);
    Surface[] colour = new Surface[3];
    double[] strays = new double[places.length];
    double deviation = 0;
    for (int round = 0; round < ROUNDS; round++) {
      for (int c = 0; c < 3; c++) {
        colour[c] = Surface.fitted(picture, places, kept, c, terms);
      }
      for (int i = 0; i < places.length; i++) {
        strays[i] = stray(picture, places[i], colour);
      }
      deviation = TO_DEVIATION * medianOf(strays, kept);
      for (int i = 0; i < places.length; i++) {
        kept[i] = strays[i] <= Math.max(ALIKE, 3 * deviation);
      }
    }
    return new Fit(colour, deviation, strays);
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
  private static void startNearMedian(RasterPicture picture, int[] places, boolean[] kept) {
    double[] median = new double[3];
    double[] values = new double[places.length];
    for (int c = 0; c < 3; c++) {
      for (int i = 0; i < places.length; i++) {
        values[i] = picture.value(4 * places[i] + c);
      }
      median[c] = medianOf(values, kept);
    }
    double[] away = new double[places.length];
    for (int i = 0; i < places.length; i++) {
      for (int c = 0; c < 3; c++) {
        away[i] = Math.max(away[i], Math.abs(picture.value(4 * places[i] + c) - median[c]));
      }
    }
    double half = medianOf(away, kept);
    for (int i = 0; i < places.length; i++) {
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

  private static double stray(RasterPicture picture, int place, Surface[] colour) {
    int x = place % picture.width();
    int y = place / picture.width();
    double stray = 0;
    for (int c = 0; c < 3; c++) {
      stray = Math.max(stray, Math.abs(picture.value(4 * place + c) - colour[c].at(x, y)));
    }
    return stray;
  }
}
