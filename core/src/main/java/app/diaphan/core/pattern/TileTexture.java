package app.diaphan.core.pattern;

/**
 * A pattern without edges, whose amount of ink is reckoned point by point; its repetition is
 * square.
 */
record TileTexture(Amount at) implements Repetition {
  private static final TileNoise NOISE = new TileNoise(20260704);

  static final TileTexture GRAIN =
      new TileTexture((x, y) -> 0.5 + 1.7 * NOISE.fractal(x, y, 48, 48, 2));
  static final TileTexture CLOUDS =
      new TileTexture((x, y) -> 0.5 + 1.2 * NOISE.fractal(x, y, 4, 4, 5));
  static final TileTexture BRUSHED =
      new TileTexture((x, y) -> 0.5 + 1.2 * NOISE.fractal(x, y, 2, 48, 3));
  static final TileTexture CLOTH =
      new TileTexture((x, y) -> 0.95 * cloth(x, y) + 0.4 * NOISE.at(x, y, 48, 48));

  /** So that the finest noise has a pixel of its own. */
  private static final int LEAST_ACROSS = 512;

  /** Takes shares of the repetition, 0–1; what it gives is cut to 0–1. */
  @FunctionalInterface
  interface Amount {
    double of(double x, double y);
  }

  @Override
  public double height() {
    return 1;
  }

  @Override
  public int leastAcross() {
    return LEAST_ACROSS;
  }

  @Override
  public float[] amounts(int across, int down) {
    float[] amounts = new float[across * down];
    for (int y = 0; y < down; y++) {
      for (int x = 0; x < across; x++) {
        double amount = at.of((x + 0.5) / across, (y + 0.5) / down);
        amounts[y * across + x] = (float) Math.clamp(amount, 0, 1);
      }
    }
    return amounts;
  }

  /** Threads that go over and under each other in turn, lightest along their middle. */
  private static double cloth(double x, double y) {
    int threads = 12;
    boolean lying = (Math.floorMod((int) (x * threads), 2) + (int) (y * threads)) % 2 == 0;
    return Math.abs(Math.sin(Math.PI * threads * (lying ? y : x)));
  }
}
