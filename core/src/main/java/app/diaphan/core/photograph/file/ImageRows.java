package app.diaphan.core.photograph.file;

import java.awt.image.BufferedImage;

/** Rows of a decoded image of 8 bits in red, green and blue. */
final class ImageRows implements RowSource {
  private final BufferedImage image;
  private final RowShape shape;
  private final int[] packed;
  private int y;

  ImageRows(BufferedImage image) {
    this.image = image;
    int channels = image.getColorModel().hasAlpha() ? 4 : 3;
    shape = new RowShape(image.getWidth(), image.getHeight(), channels, Byte.SIZE);
    packed = new int[image.getWidth()];
  }

  @Override
  public RowShape shape() {
    return shape;
  }

  @Override
  public void next(int[] row) {
    image.getRGB(0, y, width(), 1, packed, 0, width());
    int channels = channels();
    for (int x = 0; x < packed.length; x++) {
      for (int c = 0; c < channels; c++) {
        row[channels * x + c] = packed[x] >>> (c == 3 ? 24 : 16 - 8 * c) & 0xff;
      }
    }
    y++;
  }

  @Override
  public void close() {
    // It holds nothing.
  }
}
