package app.diaphan.core.photograph.file;

import java.awt.image.BufferedImage;

/** Rows of a decoded image of 8 bits in red, green and blue. */
final class ImageRows implements RowSource {
  private final BufferedImage image;
  private final int[] packed;
  private int y;

  ImageRows(BufferedImage image) {
    this.image = image;
    packed = new int[image.getWidth()];
  }

  @Override
  public int width() {
    return image.getWidth();
  }

  @Override
  public int height() {
    return image.getHeight();
  }

  @Override
  public int channels() {
    return image.getColorModel().hasAlpha() ? 4 : 3;
  }

  @Override
  public int bits() {
    return Byte.SIZE;
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
