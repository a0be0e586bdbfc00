package app.diaphan.core.raster;

/** Planes of pixels a whole number of times coarser, on a grid that starts at pixel 0. */
public final class Reduced {
  private Reduced() {}

  /** The coarse pixels that hold all of these. */
  static Bounds bounds(Bounds fine, int times) {
    return fine.empty()
        ? Bounds.EMPTY
        : new Bounds(
            Math.floorDiv(fine.left(), times),
            Math.floorDiv(fine.top(), times),
            -Math.floorDiv(-fine.right(), times),
            -Math.floorDiv(-fine.bottom(), times));
  }

  /** Each coarse pixel is the mean of those it holds. */
  public static Plane of(Plane fine, int times) {
    Plane coarse = Plane.clear(bounds(fine.bounds(), times));
    float share = 1f / (times * times);
    for (int y = fine.bounds().top(); y < fine.bounds().bottom(); y++) {
      int from = fine.row(y);
      int to = coarse.row(Math.floorDiv(y, times)) - coarse.bounds().left();
      for (int x = fine.bounds().left(); x < fine.bounds().right(); x++, from++) {
        coarse.values()[to + Math.floorDiv(x, times)] += fine.values()[from] * share;
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
