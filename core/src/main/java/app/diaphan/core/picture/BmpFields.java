package app.diaphan.core.picture;

import java.awt.image.BufferedImage;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Optional;

/**
 * BMP files of 16 bits a pixel whose header tells which of them are alpha ("BITMAPV4HEADER" and
 * later, compression by bit fields). The decoders leave that alpha out.
 *
 * @param masks of red, green, blue and alpha
 */
record BmpFields(ByteBuffer file, int offset, int width, int height, boolean upwards, int[] masks) {
  private static final int HEADER = 14;

  /** The first header that holds a mask of alpha. */
  private static final int LEAST_HEADER = 56;

  private static final int BIT_FIELDS = 3;

  static Optional<BmpFields> of(byte[] bytes) {
    if (bytes.length < HEADER + LEAST_HEADER || bytes[0] != 'B' || bytes[1] != 'M') {
      return Optional.empty();
    }
    ByteBuffer file = ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN);
    int[] masks = new int[4];
    for (int c = 0; c < 4; c++) {
      masks[c] = file.getInt(54 + 4 * c);
    }
    boolean withAlpha =
        file.getInt(HEADER) >= LEAST_HEADER
            && file.getShort(28) == Short.SIZE
            && file.getInt(30) == BIT_FIELDS
            && masks[3] != 0;
    int height = file.getInt(22);
    return withAlpha
        ? Optional.of(
            new BmpFields(
                file, file.getInt(10), file.getInt(18), Math.abs(height), height > 0, masks))
        : Optional.empty();
  }

  /**
   * @throws IndexOutOfBoundsException if the file is cut short
   */
  BufferedImage image() {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    int stride = (2 * width + 3) / 4 * 4; // Rows take whole words of four bytes.
    for (int y = 0; y < height; y++) {
      int row = offset + stride * (upwards ? height - 1 - y : y);
      for (int x = 0; x < width; x++) {
        int pixel = file.getShort(row + 2 * x) & 0xffff;
        image.setRGB(
            x,
            y,
            eight(pixel, masks[3]) << 24
                | eight(pixel, masks[0]) << 16
                | eight(pixel, masks[1]) << 8
                | eight(pixel, masks[2]));
      }
    }
    return image;
  }

  /** The bits of a mask as 0–255. */
  private static int eight(int pixel, int mask) {
    if (mask == 0) {
      return 0;
    }
    int shift = Integer.numberOfTrailingZeros(mask);
    int most = mask >>> shift;
    return Math.round(255f * ((pixel & mask) >>> shift) / most);
  }
}
