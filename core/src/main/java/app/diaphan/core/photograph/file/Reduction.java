package app.diaphan.core.photograph.file;

import java.awt.image.BufferedImage;

/** Makes a photograph small while its rows come: each pixel is the mean of those it stands for. */
final class Reduction {
  private final int width;
  private final int height;
  private final int smallWidth;
  private final int smallHeight;
  private float[] sums = new float[0];
  private int channels;
  private int rows;

  /**
   * @param longest side of the small picture at most
   */
  Reduction(int width, int height, int longest) {
    this.width = width;
    this.height = height;
    double scale = Math.min(1, (double) longest / Math.max(width, height));
    smallWidth = Math.max(1, (int) Math.round(width * scale));
    smallHeight = Math.max(1, (int) Math.round(height * scale));
  }

  /**
   * @param row one or three numbers a pixel, 0–1
   */
  void row(float[] row) {
    if (rows == 0) {
      channels = row.length / width;
      sums = new float[(channels + 1) * smallWidth * smallHeight];
    }
    int y = (int) ((long) rows * smallHeight / height);
    rows++;
    for (int x = 0; x < width; x++) {
      int at = (channels + 1) * (y * smallWidth + (int) ((long) x * smallWidth / width));
      for (int c = 0; c < channels; c++) {
        sums[at + c] += row[channels * x + c];
      }
      sums[at + channels]++;
    }
  }

  BufferedImage picture(OwnColours colours) {
    float[] means = new float[channels * smallWidth * smallHeight];
    for (int i = 0; i < smallWidth * smallHeight; i++) {
      for (int c = 0; c < channels; c++) {
        int at = (channels + 1) * i;
        means[channels * i + c] = sums[at + c] / Math.max(1, sums[at + channels]);
      }
    }
    float[] srgb = colours.toSrgb(means);
    int[] packed = new int[smallWidth * smallHeight];
    for (int i = 0; i < packed.length; i++) {
      packed[i] =
          Math.round(255 * srgb[3 * i]) << 16
              | Math.round(255 * srgb[3 * i + 1]) << 8
              | Math.round(255 * srgb[3 * i + 2]);
    }
    BufferedImage small = new BufferedImage(smallWidth, smallHeight, BufferedImage.TYPE_INT_RGB);
    small.setRGB(0, 0, smallWidth, smallHeight, packed, 0, smallWidth);
    return small;
  }
}
