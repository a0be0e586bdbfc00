package app.diaphan.core.pattern;

/** How much of each pixel of one repetition of a pattern is inked. */
sealed interface Repetition permits TileShape, TileTexture {
  /** Of a repetition that is 1 wide. */
  double height();

  /** Pixels across that it needs at least. */
  int leastAcross();

  /**
   * @return across × down amounts, 0–1, row by row
   */
  float[] amounts(int across, int down);
}
