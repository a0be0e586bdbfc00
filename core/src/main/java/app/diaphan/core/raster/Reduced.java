package app.diaphan.core.raster;

import java.util.Arrays;

/**
 * Planes of pixels a whole number of times coarser, on a grid that starts at pixel 0. Fine pixels
 * are shared out to coarse ones, and told from them again, by the cubic B-spline (I. J. Schoenberg,
 * "Contributions to the problem of approximation of equidistant data by analytic functions", 1946):
 * it keeps places and means, and what it spreads is the same wherever a fine pixel lies.
 */
final class Reduced {
  /** The variance that sharing out and telling again add by themselves, in coarse pixels. */
  static final double SPREAD = 2.0 / 3;

  /** Coarse pixels that one fine pixel has to do with, each way. */
  private static final int TAPS = 4;

  private Reduced() {}

  /**
   * How a row or column of fine pixels lies on the coarse ones; it is the same again after every
   * coarse pixel.
   *
   * @param weights for each place within a coarse pixel those of the {@value #TAPS} coarse ones
   *     from {@code before} on
   * @param before relative to the coarse pixel that the fine one lies in
   */
  private record Grid(int times, float[][] weights, int[] before) {
    static Grid of(int times) {
      float[][] weights = new float[times][];
      int[] before = new int[times];
      for (int place = 0; place < times; place++) {
        double middle = (place + 0.5) / times - 0.5;
        int left = (int) Math.floor(middle);
        before[place] = left - 1;
        weights[place] = spline(middle - left);
      }
      return new Grid(times, weights, before);
    }

    private static float[] spline(double t) {
      double rest = 1 - t;
      return new float[] {
        (float) (rest * rest * rest / 6),
        (float) ((4 - 6 * t * t + 3 * t * t * t) / 6),
        (float) ((4 - 6 * rest * rest + 3 * rest * rest * rest) / 6),
        (float) (t * t * t / 6)
      };
    }

    float[] weights(int fine) {
      return weights[Math.floorMod(fine, times)];
    }

    /** The first fine pixel from one on that lies at a place within a coarse one. */
    int first(int from, int place) {
      return from + Math.floorMod(place - from, times);
    }

    int before(int fine) {
      return Math.floorDiv(fine, times) + before[Math.floorMod(fine, times)];
    }
  }

  /** The coarse pixels that fine ones have to do with. */
  static Bounds bounds(Bounds fine, int times) {
    return fine.empty()
        ? Bounds.EMPTY
        : new Bounds(
            Math.floorDiv(fine.left(), times) - 2,
            Math.floorDiv(fine.top(), times) - 2,
            -Math.floorDiv(-fine.right(), times) + 2,
            -Math.floorDiv(-fine.bottom(), times) + 2);
  }

  static Plane of(Plane fine, int times) {
    Plane coarse = Plane.clear(bounds(fine.bounds(), times));
    Grid grid = Grid.of(times);
    Bounds from = fine.bounds();
    int width = coarse.bounds().width();
    float[] narrow = new float[width * from.height()];
    Bands.over(
        from.top(),
        from.bottom(),
        from.width(),
        (top, bottom) -> {
          for (int y = top; y < bottom; y++) {
            shareOut(fine, y, grid, coarse.bounds().left(), narrow, (y - from.top()) * width);
          }
        });
    float share = 1f / (times * times);
    Bands.over(
        coarse.bounds().top(),
        coarse.bounds().bottom(),
        width * times,
        (top, bottom) -> {
          // Fine rows that reach into these coarse ones; others of theirs are left out.
          int first = Math.max(from.top(), (top - 2) * times);
          int last = Math.min(from.bottom(), (bottom + 2) * times);
          for (int y = first; y < last; y++) {
            float[] weights = grid.weights(y);
            int above = grid.before(y);
            int at = (y - from.top()) * width;
            for (int tap = 0; tap < TAPS; tap++) {
              if (above + tap >= top && above + tap < bottom) {
                add(
                    narrow,
                    at,
                    weights[tap] * share,
                    coarse.values(),
                    coarse.row(above + tap),
                    width);
              }
            }
          }
        });
    return coarse;
  }

  private static void shareOut(Plane fine, int y, Grid grid, int left, float[] narrow, int at) {
    int from = fine.row(y) - fine.bounds().left();
    for (int place = 0; place < grid.times(); place++) {
      float[] weights = grid.weights()[place];
      float first = weights[0];
      float second = weights[1];
      float third = weights[2];
      float fourth = weights[3];
      int x = grid.first(fine.bounds().left(), place);
      for (int to = at + grid.before(x) - left;
          x < fine.bounds().right();
          x += grid.times(), to++) {
        float value = fine.values()[from + x];
        narrow[to] += value * first;
        narrow[to + 1] += value * second;
        narrow[to + 2] += value * third;
        narrow[to + 3] += value * fourth;
      }
    }
  }

  /** So much of some values to as many others. */
  static void add(float[] from, int at, float weight, float[] to, int start, int count) {
    for (int i = 0; i < count; i++) {
      to[start + i] += from[at + i] * weight;
    }
  }

  /** Back to fine pixels. */
  static Plane enlarged(Plane coarse, int times, Bounds bounds) {
    Plane fine = Plane.clear(bounds);
    Grid grid = Grid.of(times);
    Plane all = coarse.fitted(coarse.bounds().and(bounds(bounds, times)));
    int wide = all.bounds().width();
    Bands.over(
        bounds.top(),
        bounds.bottom(),
        bounds.width(),
        (top, bottom) -> {
          float[] row = new float[wide];
          for (int y = top; y < bottom; y++) {
            Arrays.fill(row, 0);
            float[] down = grid.weights(y);
            int above = grid.before(y);
            for (int tap = 0; tap < TAPS; tap++) {
              add(all.values(), all.row(above + tap), down[tap], row, 0, wide);
            }
            tell(row, all.bounds().left(), grid, fine, y);
          }
        });
    return fine;
  }

  private static void tell(float[] coarse, int left, Grid grid, Plane fine, int y) {
    int to = fine.row(y) - fine.bounds().left();
    for (int place = 0; place < grid.times(); place++) {
      float[] weights = grid.weights()[place];
      float first = weights[0];
      float second = weights[1];
      float third = weights[2];
      float fourth = weights[3];
      int x = grid.first(fine.bounds().left(), place);
      for (int from = grid.before(x) - left; x < fine.bounds().right(); x += grid.times(), from++) {
        fine.values()[to + x] =
            coarse[from] * first
                + coarse[from + 1] * second
                + coarse[from + 2] * third
                + coarse[from + 3] * fourth;
      }
    }
  }
}
