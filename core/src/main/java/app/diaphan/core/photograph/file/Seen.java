package app.diaphan.core.photograph.file;

/** Pixels of rows as they look where nothing is behind them but white. */
final class Seen {
  private Seen() {}

  /** Red, green and blue of sRGB, 0–1. */
  static float[] pixels(RowSource rows, int[] row, int left, int right, OwnColours colours) {
    return colours.toSrgb(straight(rows, row, left, right, colours));
  }

  /** In the photograph's own colours. */
  static float[] straight(RowSource rows, int[] row, int left, int right, OwnColours colours) {
    int channels = colours.grey() ? 1 : 3;
    float most = rows.most();
    float[] seen = new float[channels * (right - left)];
    for (int x = left; x < right; x++) {
      int from = x * rows.channels();
      float alpha = rows.alpha() ? row[from + channels] / most : 1;
      for (int c = 0; c < channels; c++) {
        seen[channels * (x - left) + c] = 1 - alpha + alpha * row[from + c] / most;
      }
    }
    return seen;
  }
}
