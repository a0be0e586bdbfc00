package app.diaphan.core.cutout;

import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.raster.Bands;
import java.util.concurrent.atomic.LongAdder;

/**
 * How much of the old ground's colour is left in the edge of a cut-out. Each edge pixel's colour is
 * laid on the line from the colour of the ground nearest to it to that of the solid part nearest to
 * it: 0 is as the solid part, 1 as the ground.
 */
public final class GroundLeft {
  private static final float CLEAR = 0.02f;
  private static final float SOLID = 0.98f;

  /** So far around an edge pixel ground and solid parts are looked for. */
  private static final int REACH = 6;

  /** Ground and solid part this alike tell nothing. */
  private static final double TOO_ALIKE = 0.05;

  private final RasterPicture before;
  private final RasterPicture cut;

  private GroundLeft(RasterPicture before, RasterPicture cut) {
    this.before = before;
    this.cut = cut;
  }

  /**
   * @param before the picture before it was cut out
   * @return the mean over all edge pixels, weighted by their alpha, 0–1; 0 without an edge
   */
  public static double of(RasterPicture before, RasterPicture cut) {
    GroundLeft left = new GroundLeft(before, cut);
    // Sums of doubles depend on their order, which bands on two threads do not keep: whole numbers.
    LongAdder sum = new LongAdder();
    LongAdder weights = new LongAdder();
    Bands.over(
        0,
        cut.height(),
        cut.width(),
        (top, bottom) -> {
          for (int y = top; y < bottom; y++) {
            for (int x = 0; x < cut.width(); x++) {
              float alpha = left.alpha(x, y);
              if (alpha > CLEAR && alpha < SOLID) {
                double share = left.share(x, y);
                if (share >= 0) {
                  sum.add(Math.round(1e6 * alpha * share));
                  weights.add(Math.round(1e6 * alpha));
                }
              }
            }
          }
        });
    return weights.sum() == 0 ? 0 : (double) sum.sum() / weights.sum();
  }

  private float alpha(int x, int y) {
    return cut.value(4 * (y * cut.width() + x) + 3);
  }

  private double share(int x, int y) {
    int ground = nearest(x, y, false);
    int solid = nearest(x, y, true);
    if (ground < 0 || solid < 0) {
      return -1;
    }
    double along = 0;
    double square = 0;
    for (int c = 0; c < 3; c++) {
      double from = straight(cut, solid, c);
      double to = straight(before, ground, c);
      double own = straight(cut, y * cut.width() + x, c);
      along += (own - from) * (to - from);
      square += (to - from) * (to - from);
    }
    return square < TOO_ALIKE * TOO_ALIKE ? -1 : Math.clamp(along / square, 0, 1);
  }

  private int nearest(int x, int y, boolean solid) {
    int best = -1;
    int least = Integer.MAX_VALUE;
    for (int j = Math.max(0, y - REACH); j <= Math.min(cut.height() - 1, y + REACH); j++) {
      for (int i = Math.max(0, x - REACH); i <= Math.min(cut.width() - 1, x + REACH); i++) {
        int distance = (i - x) * (i - x) + (j - y) * (j - y);
        float alpha = alpha(i, j);
        if (distance < least && (solid ? alpha >= SOLID : alpha <= CLEAR)) {
          least = distance;
          best = j * cut.width() + i;
        }
      }
    }
    return best;
  }

  private static double straight(RasterPicture picture, int place, int channel) {
    float alpha = picture.value(4 * place + 3);
    return alpha > 0 ? picture.value(4 * place + channel) / alpha : 0;
  }
}
