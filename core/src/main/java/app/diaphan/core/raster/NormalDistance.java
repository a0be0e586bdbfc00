package app.diaphan.core.raster;

/**
 * The inverse of the normal distribution's integral: at which distance from a blurred straight edge
 * a coverage is found. Looked up, since it is asked for every pixel.
 */
final class NormalDistance {
  private static final int STEPS = 4096;

  /** Beyond this many deviations coverage tells nothing of the distance. */
  private static final double FARTHEST = 3;

  private static final double STEP = 1.0 / 4096;

  private final float[] distances;

  private NormalDistance(float[] distances) {
    this.distances = distances;
  }

  static NormalDistance table() {
    float[] distances = new float[STEPS + 1];
    distances[0] = (float) -FARTHEST;
    int at = 1;
    double sum = 0;
    for (double z = -2 * FARTHEST; z < FARTHEST; z += STEP) {
      double next =
          sum + Math.exp(-(z + STEP / 2) * (z + STEP / 2) / 2) / Math.sqrt(2 * Math.PI) * STEP;
      while (at < STEPS && at <= next * STEPS) {
        double share = (at - sum * STEPS) / ((next - sum) * STEPS);
        distances[at++] = (float) Math.max(-FARTHEST, z + share * STEP);
      }
      sum = next;
    }
    while (at <= STEPS) {
      distances[at++] = (float) FARTHEST;
    }
    return new NormalDistance(distances);
  }

  /**
   * @param coverage 0–1
   * @return in standard deviations of the blur, negative below ½
   */
  float of(float coverage) {
    float place = Math.clamp(coverage, 0f, 1f) * STEPS;
    int below = Math.min(STEPS - 1, (int) place);
    float share = place - below;
    return distances[below] * (1 - share) + distances[below + 1] * share;
  }
}
