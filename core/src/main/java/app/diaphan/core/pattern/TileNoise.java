package app.diaphan.core.pattern;

/**
 * Gradient noise on a lattice that closes upon itself: Ken Perlin, "Improving noise", 2002, with
 * lattice points counted in a circle. The same at any resolution and on any machine.
 */
final class TileNoise {
  private static final int PLACES = 256;

  private static final double[] ACROSS = new double[PLACES];
  private static final double[] DOWN = new double[PLACES];

  static {
    for (int i = 0; i < PLACES; i++) {
      double angle = 2 * Math.PI * i / PLACES;
      ACROSS[i] = StrictMath.cos(angle);
      DOWN[i] = StrictMath.sin(angle);
    }
  }

  private final int[] order = new int[2 * PLACES];

  TileNoise(long seed) {
    long state = seed;
    for (int i = 0; i < PLACES; i++) {
      order[i] = i;
    }
    for (int i = PLACES - 1; i > 0; i--) {
      // D. E. Knuth's generator for MMIX (The Art of Computer Programming, volume 2, 3.3.4).
      state = state * 6364136223846793005L + 1442695040888963407L;
      int other = (int) Math.floorMod(state >>> 33, i + 1L);
      int own = order[i];
      order[i] = order[other];
      order[other] = own;
    }
    System.arraycopy(order, 0, order, PLACES, PLACES);
  }

  /**
   * @param x share of the repetition, 0–1
   * @param across lattice points in a repetition, 1–256
   * @return about −0.7 to 0.7
   */
  double at(double x, double y, int across, int down) {
    double column = x * across;
    double row = y * down;
    int left = (int) Math.floor(column);
    int top = (int) Math.floor(row);
    double rightShare = column - left;
    double downShare = row - top;
    double u = faded(rightShare);
    double v = faded(downShare);
    double above =
        mixed(
            u,
            slope(left, top, across, down, rightShare, downShare),
            slope(left + 1, top, across, down, rightShare - 1, downShare));
    double below =
        mixed(
            u,
            slope(left, top + 1, across, down, rightShare, downShare - 1),
            slope(left + 1, top + 1, across, down, rightShare - 1, downShare - 1));
    return mixed(v, above, below);
  }

  /** Several noises, each twice as fine as the one before and half as strong. */
  double fractal(double x, double y, int across, int down, int octaves) {
    double sum = 0;
    double strength = 1;
    for (int i = 0; i < octaves; i++) {
      sum += strength * at(x, y, across << i, down << i);
      strength /= 2;
    }
    return sum;
  }

  private double slope(int column, int row, int across, int down, double x, double y) {
    int direction = order[order[Math.floorMod(column, across)] + Math.floorMod(row, down)];
    return ACROSS[direction] * x + DOWN[direction] * y;
  }

  private static double faded(double share) {
    return share * share * share * (share * (share * 6 - 15) + 10);
  }

  private static double mixed(double share, double from, double to) {
    return from + share * (to - from);
  }
}
