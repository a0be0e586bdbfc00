package app.diaphan.core.cutout;

import app.diaphan.core.raster.Bands;

/**
 * The alpha of pixels on the line between what is kept and what is dropped. Each is explained as a
 * mixture of a sure colour from either side nearby; of the pairs the one is taken that leaves the
 * least rest, as J. Wang, M. F. Cohen, "Optimized Color Sampling for Robust Matting" (CVPR 2007).
 * The colour of what is dropped is taken out of the pixel.
 */
final class Unmixing {
  /** So many sure colours of either side are tried. */
  private static final int SAMPLES = 8;

  /** So many steps at most from a pixel to where sure colours are looked for. */
  private static final int STEPS = 10;

  /** A rest this large counts as much as a sample one pixel farther away. */
  private static final double PER_PIXEL = 0.002;

  /** Nearer than this, two colours tell nothing of their mixture. */
  private static final double TOO_ALIKE = 0.02;

  /** From so much alpha on, a pixel tells its own colour well. */
  private static final double TELLING = 0.5;

  private final Cut cut;
  private final boolean[] kept;
  private final float[] away;
  private final double reach;
  private final float[] colours;

  private Unmixing(Cut cut, boolean[] kept, float[] away, double reach) {
    this.cut = cut;
    this.kept = kept;
    this.away = away;
    this.reach = reach;
    colours = cut.colours().clone();
  }

  /**
   * @param away how far each pixel is from those of the other kind
   * @param reach how far from the line a pixel may be a mixture
   */
  static void apply(Cut cut, boolean[] kept, float[] away, double reach) {
    Unmixing unmixing = new Unmixing(cut, kept, away, reach);
    Bands.over(
        0,
        cut.height(),
        cut.width(),
        (top, bottom) -> {
          SurePlaces keep = new SurePlaces();
          SurePlaces drop = new SurePlaces();
          for (int y = top; y < bottom; y++) {
            for (int x = 0; x < cut.width(); x++) {
              unmixing.pixel(x, y, keep, drop);
            }
          }
        });
  }

  /** Sure places of one side, nearest first. */
  private static final class SurePlaces {
    final int[] places = new int[SAMPLES];
    final double[] distances = new double[SAMPLES];
    int count;

    void add(int place, double distance) {
      if (count == SAMPLES && distance >= distances[count - 1]) {
        return;
      }
      int at = count < SAMPLES ? count++ : count - 1;
      while (at > 0 && distances[at - 1] > distance) {
        places[at] = places[at - 1];
        distances[at] = distances[at - 1];
        at--;
      }
      places[at] = place;
      distances[at] = distance;
    }
  }

  private void pixel(int x, int y, SurePlaces keep, SurePlaces drop) {
    int place = y * cut.width() + x;
    if (away[place] > reach) {
      if (!kept[place]) {
        cut.alpha()[place] = 0;
      }
      return;
    }
    collect(x, y, keep, drop);
    if (keep.count == 0 || drop.count == 0) {
      cut.alpha()[place] *= kept[place] ? 1 : 0;
      return;
    }
    double least = Double.POSITIVE_INFINITY;
    int front = -1;
    int behind = -1;
    for (int i = 0; i < keep.count; i++) {
      for (int j = 0; j < drop.count; j++) {
        double alpha = share(place, keep.places[i], drop.places[j]);
        if (alpha < 0) {
          continue;
        }
        double score =
            rest(place, keep.places[i], drop.places[j], alpha)
                + PER_PIXEL * (keep.distances[i] + drop.distances[j]);
        if (score < least) {
          least = score;
          front = keep.places[i];
          behind = drop.places[j];
        }
      }
    }
    if (front < 0) {
      cut.alpha()[place] *= kept[place] ? 1 : 0;
      return;
    }
    double alpha = share(place, front, behind);
    cut.alpha()[place] *= (float) alpha;
    for (int c = 0; c < 3 && alpha > 0; c++) {
      double own = (colours[3 * place + c] - (1 - alpha) * colours[3 * behind + c]) / alpha;
      double telling = Math.min(1, alpha / TELLING);
      double sure = colours[3 * front + c];
      cut.colours()[3 * place + c] =
          (float) Math.clamp(sure + telling * telling * (own - sure), 0, 1);
    }
  }

  private void collect(int x, int y, SurePlaces keep, SurePlaces drop) {
    keep.count = 0;
    drop.count = 0;
    int far = (int) Math.ceil(2 * reach) + 2;
    int step = Math.max(1, (far + STEPS - 1) / STEPS);
    for (int j = -far; j <= far; j += step) {
      int cy = y + j;
      if (cy < 0 || cy >= cut.height()) {
        continue;
      }
      for (int i = -far; i <= far; i += step) {
        int cx = x + i;
        if (cx < 0 || cx >= cut.width()) {
          continue;
        }
        int other = cy * cut.width() + cx;
        if (away[other] > reach) {
          (kept[other] ? keep : drop).add(other, Math.sqrt(i * i + j * j));
        }
      }
    }
  }

  /** The share of the front colour by projection, 0–1; less than 0 if they tell nothing. */
  private double share(int place, int front, int behind) {
    double along = 0;
    double square = 0;
    for (int c = 0; c < 3; c++) {
      double full = colours[3 * front + c] - colours[3 * behind + c];
      along += (colours[3 * place + c] - colours[3 * behind + c]) * full;
      square += full * full;
    }
    return square < 3 * TOO_ALIKE * TOO_ALIKE ? -1 : Math.clamp(along / square, 0, 1);
  }

  private double rest(int place, int front, int behind, double alpha) {
    double sum = 0;
    for (int c = 0; c < 3; c++) {
      double mixed = alpha * colours[3 * front + c] + (1 - alpha) * colours[3 * behind + c];
      double rest = colours[3 * place + c] - mixed;
      sum += rest * rest;
    }
    return Math.sqrt(sum / 3);
  }
}
