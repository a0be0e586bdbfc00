package app.diaphan.core.photograph.file;

import java.io.IOException;

/** Rows for formats of 8 bits; where those cannot be clear either, over white. */
final class EightBitRows implements RowSource {
  private final RowSource source;
  private final boolean opaque;
  private final RowShape shape;
  private final int[] wide;

  EightBitRows(RowSource source, boolean opaque) {
    this.source = source;
    this.opaque = opaque;
    int channels = opaque && source.alpha() ? source.channels() - 1 : source.channels();
    shape = new RowShape(source.width(), source.height(), channels, Byte.SIZE);
    wide = new int[source.width() * source.channels()];
  }

  @Override
  public RowShape shape() {
    return shape;
  }

  @Override
  public void next(int[] row) throws IOException {
    source.next(wide);
    float most = source.most();
    int own = source.channels();
    for (int x = 0; x < width(); x++) {
      float alpha = opaque && source.alpha() ? wide[own * x + own - 1] / most : 1;
      for (int c = 0; c < channels(); c++) {
        float value = 1 - alpha + alpha * wide[own * x + c] / most;
        row[channels() * x + c] = Math.round(255 * value);
      }
    }
  }

  @Override
  public void close() throws IOException {
    source.close();
  }
}
