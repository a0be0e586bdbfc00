package app.diaphan.core.deliver;

/**
 * The 8 × 8 threshold pattern of B. E. Bayer, "An optimum method for two-level rendition of
 * continuous-tone pictures" (ICC 1973), centred on 0. It is for soft ramps alone ({@link
 * SoftValues}).
 */
final class OrderedDither {
  private static final float[][] PATTERN = pattern();

  private OrderedDither() {}

  /** The eight values of a row that repeat, each more than -0.5 and less than 0.5 of a step. */
  static float[] row(int y) {
    return PATTERN[y & 7];
  }

  private static float[][] pattern() {
    float[][] pattern = new float[8][8];
    for (int y = 0; y < 8; y++) {
      for (int x = 0; x < 8; x++) {
        int rank = 0;
        for (int bit = 0; bit < 3; bit++) {
          int mixed = (x ^ y) >> bit & 1;
          rank |= (mixed << 1 | y >> bit & 1) << 2 * (2 - bit);
        }
        pattern[y][x] = (rank - 31.5f) / 64 * 0.98f;
      }
    }
    return pattern;
  }
}
