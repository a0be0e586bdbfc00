package app.diaphan.core.raster;

import java.util.Arrays;

/**
 * Gaussian blur of a plane at a cost that does not grow with the reach.
 *
 * <p>From σ = 2 px on, the fourth-order recursive filter of R. Deriche, "Recursively implementing
 * the Gaussian and its derivatives" (INRIA report 1893, 1993): its impulse response differs from
 * the Gaussian by less than 0.1 % of the peak. Below that the sampled Gaussian itself, integrated
 * over each pixel, is short enough to be used directly. Very wide blurs are done on pixels a few
 * times coarser, so that neither time nor memory grow with the reach.
 */
public final class GaussianBlur {
  /** How many σ beyond the plane's edge the result reaches; past it the alpha is under 1/30000. */
  private static final double REACH = 4;

  private static final double RECURSIVE_FROM = 2;

  /**
   * A blur so many pixels wide can be told from its values at every pixel by lines between them:
   * the error is an eighth of the second derivative, under 0.1 % of the peak.
   */
  private static final double COARSE_SIGMA = 12;

  private static final float NOTHING = 1e-6f;

  private GaussianBlur() {}

  /** How many pixels a blur of this σ reaches. */
  public static int reach(double sigma) {
    return sigma <= 0 ? 0 : (int) Math.ceil(REACH * sigma) + 1;
  }

  /**
   * @param sigmaX in pixels across; differs from {@code sigmaY} where pixels are not square
   * @return the blurred plane, grown by the reach and cut to {@code clip}
   */
  public static Plane of(Plane source, double sigmaX, double sigmaY, Bounds clip) {
    Bounds grown = source.bounds().grown(reach(sigmaX), reach(sigmaY));
    if (grown.empty()) {
      return Plane.EMPTY;
    }
    int coarser = coarser(Math.min(sigmaX, sigmaY));
    if (coarser > 1) {
      Plane small = Reduced.of(source, coarser);
      return Reduced.enlarged(
          of(
              small,
              reduced(sigmaX, coarser),
              reduced(sigmaY, coarser),
              Reduced.bounds(grown, coarser)),
          coarser,
          grown.within(clip));
    }
    Plane plane = source.fitted(grown);
    if (plane == source) {
      plane = new Plane(grown, source.values().clone());
    }
    float[] values = plane.values();
    int width = grown.width();
    int height = grown.height();
    if (sigmaX > 0) {
      Kernel kernel = Kernel.of(sigmaX);
      Bands.over(
          0,
          height,
          width,
          (top, bottom) -> {
            float[] row = new float[width];
            double[] scratch = new double[width];
            for (int y = top; y < bottom; y++) {
              kernel.row(values, y * width, row, scratch);
            }
          });
    }
    if (sigmaY > 0) {
      Kernel kernel = Kernel.of(sigmaY);
      int strip = 64;
      Bands.over(
          0,
          (width + strip - 1) / strip,
          height * strip,
          (first, last) -> {
            for (int i = first; i < last; i++) {
              kernel.columns(values, width, height, i * strip, Math.min(width, (i + 1) * strip));
            }
          });
    }
    for (int i = 0; i < values.length; i++) {
      values[i] = values[i] < NOTHING ? 0 : Math.min(1, values[i]);
    }
    return plane.fitted(grown.within(clip));
  }

  /** How many times coarser the pixels may be for a blur this wide. */
  private static int coarser(double sigma) {
    return sigma < 2 * COARSE_SIGMA ? 1 : Integer.highestOneBit((int) (sigma / COARSE_SIGMA));
  }

  /** The σ in coarse pixels, less what averaging and interpolating them spread by themselves. */
  private static double reduced(double sigma, int times) {
    return Math.sqrt(sigma * sigma / times / times - Reduced.SPREAD);
  }

  /** A one-dimensional filter. */
  private sealed interface Kernel {
    static Kernel of(double sigma) {
      return sigma < RECURSIVE_FROM ? Direct.of(sigma) : Recursive.of(sigma);
    }

    void row(float[] values, int at, float[] copy, double[] scratch);

    void columns(float[] values, int width, int height, int left, int right);
  }

  /**
   * @param weights symmetric, of odd length
   */
  private record Direct(double[] weights) implements Kernel {
    static Direct of(double sigma) {
      int radius = (int) Math.ceil(REACH * sigma);
      double[] weights = new double[2 * radius + 1];
      double sum = 0;
      for (int i = -radius; i <= radius; i++) {
        weights[i + radius] = Math.exp(-i * i / (2 * sigma * sigma));
        sum += weights[i + radius];
      }
      for (int i = 0; i < weights.length; i++) {
        weights[i] /= sum;
      }
      return new Direct(weights);
    }

    @Override
    public void row(float[] values, int at, float[] copy, double[] scratch) {
      int width = copy.length;
      System.arraycopy(values, at, copy, 0, width);
      int radius = weights.length / 2;
      for (int x = 0; x < width; x++) {
        double sum = 0;
        int from = Math.max(0, x - radius);
        int to = Math.min(width - 1, x + radius);
        for (int i = from; i <= to; i++) {
          sum += copy[i] * weights[i - x + radius];
        }
        values[at + x] = (float) sum;
      }
    }

    @Override
    public void columns(float[] values, int width, int height, int left, int right) {
      int radius = weights.length / 2;
      int across = right - left;
      float[] source = new float[height * across];
      for (int y = 0; y < height; y++) {
        System.arraycopy(values, y * width + left, source, y * across, across);
      }
      double[] sums = new double[across];
      for (int y = 0; y < height; y++) {
        Arrays.fill(sums, 0);
        int to = Math.min(height - 1, y + radius);
        for (int i = Math.max(0, y - radius); i <= to; i++) {
          double weight = weights[i - y + radius];
          for (int x = 0; x < across; x++) {
            sums[x] += source[i * across + x] * weight;
          }
        }
        for (int x = 0; x < across; x++) {
          values[y * width + left + x] = (float) sums[x];
        }
      }
    }
  }

  /**
   * Forward coefficients n0–n3, backward m1–m4, and the common recursion d1–d4, in the paper's
   * names. Both directions start from nothing, which is right because the plane is 0 outside.
   */
  private record Recursive(
      double n0,
      double n1,
      double n2,
      double n3,
      double m1,
      double m2,
      double m3,
      double m4,
      double d1,
      double d2,
      double d3,
      double d4)
      implements Kernel {

    static Recursive of(double sigma) {
      double a0 = 1.680;
      double a1 = 3.735;
      double b0 = 1.783;
      double b1 = 1.723;
      double c0 = -0.6803;
      double c1 = -0.2598;
      double w0 = 0.6318;
      double w1 = 1.997;
      double cos0 = Math.cos(w0 / sigma);
      double sin0 = Math.sin(w0 / sigma);
      double cos1 = Math.cos(w1 / sigma);
      double sin1 = Math.sin(w1 / sigma);
      double e0 = Math.exp(-b0 / sigma);
      double e1 = Math.exp(-b1 / sigma);
      double n0 = a0 + c0;
      double n1 = e1 * (c1 * sin1 - (c0 + 2 * a0) * cos1) + e0 * (a1 * sin0 - (2 * c0 + a0) * cos0);
      double n2 =
          2 * e0 * e1 * ((a0 + c0) * cos1 * cos0 - a1 * cos1 * sin0 - c1 * cos0 * sin1)
              + c0 * e0 * e0
              + a0 * e1 * e1;
      double n3 = e1 * e0 * e0 * (c1 * sin1 - c0 * cos1) + e0 * e1 * e1 * (a1 * sin0 - a0 * cos0);
      double d1 = -2 * e1 * cos1 - 2 * e0 * cos0;
      double d2 = 4 * cos1 * cos0 * e0 * e1 + e1 * e1 + e0 * e0;
      double d3 = -2 * cos0 * e0 * e1 * e1 - 2 * cos1 * e1 * e0 * e0;
      double d4 = e0 * e0 * e1 * e1;
      // Scaled so that the response to a constant is exactly that constant.
      double sum = 1 + d1 + d2 + d3 + d4;
      double gain = 2 * (n0 + n1 + n2 + n3) / sum - n0;
      n0 /= gain;
      n1 /= gain;
      n2 /= gain;
      n3 /= gain;
      return new Recursive(
          n0, n1, n2, n3, n1 - d1 * n0, n2 - d2 * n0, n3 - d3 * n0, -d4 * n0, d1, d2, d3, d4);
    }

    @Override
    public void row(float[] values, int at, float[] copy, double[] scratch) {
      int width = copy.length;
      System.arraycopy(values, at, copy, 0, width);
      double x1 = 0;
      double x2 = 0;
      double x3 = 0;
      double y1 = 0;
      double y2 = 0;
      double y3 = 0;
      double y4 = 0;
      for (int i = 0; i < width; i++) {
        double x = copy[i];
        double y = n0 * x + n1 * x1 + n2 * x2 + n3 * x3 - d1 * y1 - d2 * y2 - d3 * y3 - d4 * y4;
        scratch[i] = y;
        x3 = x2;
        x2 = x1;
        x1 = x;
        y4 = y3;
        y3 = y2;
        y2 = y1;
        y1 = y;
      }
      x1 = x2 = x3 = y1 = y2 = y3 = y4 = 0;
      double x4 = 0;
      for (int i = width - 1; i >= 0; i--) {
        double y = m1 * x1 + m2 * x2 + m3 * x3 + m4 * x4 - d1 * y1 - d2 * y2 - d3 * y3 - d4 * y4;
        values[at + i] = (float) (scratch[i] + y);
        x4 = x3;
        x3 = x2;
        x2 = x1;
        x1 = copy[i];
        y4 = y3;
        y3 = y2;
        y2 = y1;
        y1 = y;
      }
    }

    /** All columns of a strip step down and up together, so that memory is read row by row. */
    @Override
    public void columns(float[] values, int width, int height, int left, int right) {
      int across = right - left;
      double[] down = new double[(height + 4) * across];
      double[] nothing = new double[across];
      double[] x1 = nothing.clone();
      double[] x2 = nothing.clone();
      double[] x3 = nothing.clone();
      for (int y = 0; y < height; y++) {
        int at = y * width + left;
        int to = (y + 4) * across;
        for (int i = 0; i < across; i++) {
          double x = values[at + i];
          down[to + i] =
              n0 * x
                  + n1 * x1[i]
                  + n2 * x2[i]
                  + n3 * x3[i]
                  - d1 * down[to + i - across]
                  - d2 * down[to + i - 2 * across]
                  - d3 * down[to + i - 3 * across]
                  - d4 * down[to + i - 4 * across];
          x3[i] = x2[i];
          x2[i] = x1[i];
          x1[i] = x;
        }
      }
      Arrays.fill(x1, 0);
      Arrays.fill(x2, 0);
      Arrays.fill(x3, 0);
      double[] x4 = nothing.clone();
      double[] y1 = nothing.clone();
      double[] y2 = nothing.clone();
      double[] y3 = nothing.clone();
      double[] y4 = nothing.clone();
      for (int y = height - 1; y >= 0; y--) {
        int at = y * width + left;
        int from = (y + 4) * across;
        for (int i = 0; i < across; i++) {
          double up =
              m1 * x1[i]
                  + m2 * x2[i]
                  + m3 * x3[i]
                  + m4 * x4[i]
                  - d1 * y1[i]
                  - d2 * y2[i]
                  - d3 * y3[i]
                  - d4 * y4[i];
          x4[i] = x3[i];
          x3[i] = x2[i];
          x2[i] = x1[i];
          x1[i] = values[at + i];
          y4[i] = y3[i];
          y3[i] = y2[i];
          y2[i] = y1[i];
          y1[i] = up;
          values[at + i] = (float) (down[from + i] + up);
        }
      }
    }
  }
}
