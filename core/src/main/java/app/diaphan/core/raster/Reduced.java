package app.diaphan.core.raster;

import java.util.Arrays;

/**
 * Planes of pixels a whole number of times coarser, on a grid that starts at pixel 0. A fine pixel
 * is shared out between the coarse ones whose middles are next to it, so that its place is kept.
 */
final class Reduced {
  /** What sharing out and interpolating spread by themselves: two tents of a coarse pixel each. */
  static final double SPREAD = 2.0 / 6;

  private Reduced() {}

  /** The coarse pixels that fine ones are shared out to. */
  static Bounds bounds(Bounds fine, int times) {
    return fine.empty()
        ? Bounds.EMPTY
        : new Bounds(
            Math.floorDiv(fine.left(), times) - 1,
            Math.floorDiv(fine.top(), times) - 1,
            -Math.floorDiv(-fine.right(), times) + 1,
            -Math.floorDiv(-fine.bottom(), times) + 1);
  }

  static Plane of(Plane fine, int times) {
    Plane coarse = Plane.clear(bounds(fine.bounds(), times));
    int width = coarse.bounds().width();
    float[] row = new float[width];
    for (int y = fine.bounds().top(); y < fine.bounds().bottom(); y++) {
      Arrays.fill(row, 0);
      int from = fine.row(y);
      for (int x = fine.bounds().left(); x < fine.bounds().right(); x++, from++) {
        float value = fine.values()[from];
        if (value != 0) {
          double across = (x + 0.5) / times - 0.5;
          int before = (int) Math.floor(across);
          float later = (float) (across - before);
          row[before - coarse.bounds().left()] += value * (1 - later);
          row[before + 1 - coarse.bounds().left()] += value * later;
        }
      }
      double down = (y + 0.5) / times - 0.5;
      int above = (int) Math.floor(down);
      float lower = (float) (down - above);
      float share = 1f / (times * times);
      int upperRow = coarse.row(above);
      int lowerRow = coarse.row(above + 1);
      for (int x = 0; x < width; x++) {
        coarse.values()[upperRow + x] += row[x] * (1 - lower) * share;
        coarse.values()[lowerRow + x] += row[x] * lower * share;
      }
    }
    return coarse;
  }

  /** Back to fine pixels, with straight lines between the middles of the coarse ones. */
  static Plane enlarged(Plane coarse, int times, Bounds bounds) {
    Plane fine = Plane.clear(bounds);
    Bands.over(
        bounds.top(),
        bounds.bottom(),
        bounds.width(),
        (top, bottom) -> {
          for (int y = top; y < bottom; y++) {
            double down = (y + 0.5) / times - 0.5;
            int above = (int) Math.floor(down);
            float lower = (float) (down - above);
            int to = fine.row(y);
            for (int x = bounds.left(); x < bounds.right(); x++, to++) {
              double across = (x + 0.5) / times - 0.5;
              int before = (int) Math.floor(across);
              float later = (float) (across - before);
              float upperRow =
                  coarse.at(before, above) * (1 - later) + coarse.at(before + 1, above) * later;
              float lowerRow =
                  coarse.at(before, above + 1) * (1 - later)
                      + coarse.at(before + 1, above + 1) * later;
              fine.values()[to] = upperRow * (1 - lower) + lowerRow * lower;
            }
          }
        });
    return fine;
  }
}
