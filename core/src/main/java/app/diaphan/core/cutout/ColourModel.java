package app.diaphan.core.cutout;

/**
 * How likely a colour is to be kept, learnt from the pixels under the strokes: the share of those
 * kept among all with about this colour. Densities are histograms of 32 steps a channel, smoothed
 * as a kernel of about two steps would do.
 */
final class ColourModel {
  private static final int STEPS = 32;
  private static final int SMOOTHINGS = 3;

  /** What a colour that no stroke touched counts for, so that it is undecided. */
  private static final float UNSEEN = 1e-6f;

  private final float[] share = new float[STEPS * STEPS * STEPS];

  /**
   * @param colours straight red, green and blue of each pixel
   */
  ColourModel(float[] colours, Seeds seeds) {
    float[] kept = density(colours, seeds, Seeds.KEEP);
    float[] dropped = density(colours, seeds, Seeds.DROP);
    for (int i = 0; i < share.length; i++) {
      share[i] = (kept[i] + UNSEEN) / (kept[i] + dropped[i] + 2 * UNSEEN);
    }
  }

  /** 1 for a colour only kept, 0 for one only dropped. */
  float kept(float[] colours, int at) {
    return share[bin(colours, at)];
  }

  private static int bin(float[] colours, int at) {
    return (step(colours[at]) * STEPS + step(colours[at + 1])) * STEPS + step(colours[at + 2]);
  }

  private static int step(float value) {
    return Math.clamp((int) (value * STEPS), 0, STEPS - 1);
  }

  private static float[] density(float[] colours, Seeds seeds, byte kind) {
    float[] counts = new float[STEPS * STEPS * STEPS];
    int all = 0;
    for (int i = 0; i < seeds.kinds().length; i++) {
      if (seeds.kinds()[i] == kind) {
        counts[bin(colours, 3 * i)]++;
        all++;
      }
    }
    for (int i = 0; i < counts.length; i++) {
      counts[i] /= Math.max(1, all);
    }
    for (int i = 0; i < SMOOTHINGS; i++) {
      for (int stride : new int[] {1, STEPS, STEPS * STEPS}) {
        counts = smoothed(counts, stride);
      }
    }
    return counts;
  }

  private static float[] smoothed(float[] from, int stride) {
    float[] to = new float[from.length];
    for (int i = 0; i < from.length; i++) {
      int step = i / stride % STEPS;
      float before = step > 0 ? from[i - stride] : 0;
      float after = step < STEPS - 1 ? from[i + stride] : 0;
      to[i] = before / 4 + from[i] / 2 + after / 4;
    }
    return to;
  }
}
