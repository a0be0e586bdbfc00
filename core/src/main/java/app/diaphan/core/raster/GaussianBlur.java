package app.diaphan.core.raster;

/**
 * Gaussian blur of a plane. A narrow blur weights each pixel's neighbours by the Gaussian itself,
 * along the rows and then along the columns. A wider one is done on pixels so many times coarser
 * that it is narrow there: its peak is right to 0.5 %, and it costs less, not more, the wider it
 * is.
 */
public final class GaussianBlur {
  /** How many σ beyond the plane's edge the result reaches; past it the alpha is under 1/30000. */
  private static final double REACH = 4;

  /** So many coarse pixels are wide enough for a blur: hardly anything of it is finer than they. */
  private static final double COARSE_SIGMA = 1.75;

  /** What differs so little from nothing or from whole is rounding, not blur. */
  private static final float NOTHING = 1e-6f;

  private static final float WHOLE = 1 - NOTHING;

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
    Bounds wanted = grown.within(clip);
    if (source.bounds().empty() || wanted.empty()) {
      return Plane.EMPTY;
    }
    int coarser = Math.max(1, (int) (Math.min(sigmaX, sigmaY) / COARSE_SIGMA));
    Plane blurred =
        coarser == 1
            ? narrow(source, sigmaX, sigmaY, wanted)
            : Reduced.enlarged(
                narrow(
                    Reduced.of(source, coarser),
                    reduced(sigmaX, coarser),
                    reduced(sigmaY, coarser),
                    Reduced.bounds(wanted, coarser)),
                coarser,
                wanted);
    float[] values = blurred.values();
    for (int i = 0; i < values.length; i++) {
      values[i] = values[i] < NOTHING ? 0 : values[i] > WHOLE ? 1 : values[i];
    }
    return blurred;
  }

  /** The σ in coarse pixels, less what coarser pixels spread by themselves. */
  private static double reduced(double sigma, int times) {
    return Math.sqrt(sigma * sigma / times / times - Reduced.SPREAD);
  }

  private static Plane narrow(Plane source, double sigmaX, double sigmaY, Bounds wanted) {
    return down(across(source, weights(sigmaX), wanted), weights(sigmaY), wanted);
  }

  /** The Gaussian from its middle outwards. */
  private static float[] weights(double sigma) {
    int radius = sigma <= 0 ? 0 : (int) Math.ceil(REACH * sigma);
    double[] exact = new double[radius + 1];
    double sum = 0;
    for (int i = 0; i <= radius; i++) {
      exact[i] = i == 0 ? 1 : Math.exp(-i * i / (2 * sigma * sigma));
      sum += i == 0 ? exact[i] : 2 * exact[i];
    }
    float[] weights = new float[radius + 1];
    for (int i = 0; i <= radius; i++) {
      weights[i] = (float) (exact[i] / sum);
    }
    return weights;
  }

  private static Plane across(Plane source, float[] weights, Bounds wanted) {
    Bounds from = source.bounds();
    Plane result =
        Plane.clear(new Bounds(wanted.left(), from.top(), wanted.right(), from.bottom()));
    int width = wanted.width();
    int radius = weights.length - 1;
    Bands.over(
        from.top(),
        from.bottom(),
        width,
        (top, bottom) -> {
          float[] row = new float[width + 2 * radius];
          int first = wanted.left() - radius;
          int left = Math.max(first, from.left());
          int right = Math.min(wanted.right() + radius, from.right());
          for (int y = top; y < bottom && left < right; y++) {
            System.arraycopy(
                source.values(),
                source.row(y) + left - from.left(),
                row,
                left - first,
                right - left);
            int to = result.row(y);
            Reduced.add(row, radius, weights[0], result.values(), to, width);
            for (int i = 1; i <= radius; i++) {
              addPair(row, radius - i, radius + i, weights[i], result.values(), to, width);
            }
          }
        });
    return result;
  }

  private static Plane down(Plane source, float[] weights, Bounds wanted) {
    Bounds from = source.bounds();
    Plane result = Plane.clear(wanted);
    int width = wanted.width();
    int radius = weights.length - 1;
    Bands.over(
        wanted.top(),
        wanted.bottom(),
        width,
        (top, bottom) -> {
          for (int y = top; y < bottom; y++) {
            int first = Math.max(y - radius, from.top());
            int last = Math.min(y + radius, from.bottom() - 1);
            for (int row = first; row <= last; row++) {
              Reduced.add(
                  source.values(),
                  source.row(row),
                  weights[Math.abs(row - y)],
                  result.values(),
                  result.row(y),
                  width);
            }
          }
        });
    return result;
  }

  private static void addPair(
      float[] from, int first, int second, float weight, float[] to, int start, int count) {
    for (int i = 0; i < count; i++) {
      to[start + i] += (from[first + i] + from[second + i]) * weight;
    }
  }
}
