package app.diaphan.core.photograph.jpeg;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.raster.Bounds;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pixels of blocks beside those that the platform's decoder (libjpeg) makes. */
class BlockPixelsTest {
  @ParameterizedTest
  @CsvSource({
    "150, 90, false, 0.92, false, 1, 1",
    "150, 90, false, 0.92, true, 2, 2",
    "151, 93, false, 0.8, false, 2, 1",
    "97, 61, true, 0.9, false, 1, 1",
    "5, 3, false, 0.9, false, 2, 2"
  })
  void eachIsThatOfAnotherDecoder(
      int width, int height, boolean grey, float quality, boolean steps, int across, int down)
      throws Exception {
    byte[] bytes = new MadeJpeg(width, height, grey, quality, steps, across, down, 0).bytes();
    BufferedImage expected = ImageIO.read(new ByteArrayInputStream(bytes));
    BlockPixels pixels = new BlockPixels(JpegFile.read(bytes));
    assertEquals(grey ? 1 : 3, pixels.channels());
    Bounds part = new Bounds(width / 3, height / 3, width, height);
    check(expected, pixels, part);
    check(expected, pixels, new Bounds(0, 0, width, height));
  }

  private static void check(BufferedImage expected, BlockPixels pixels, Bounds part) {
    float[] found = pixels.part(part);
    double sum = 0;
    for (int y = part.top(); y < part.bottom(); y++) {
      for (int x = part.left(); x < part.right(); x++) {
        int at = (y - part.top()) * part.width() + x - part.left();
        for (int c = 0; c < 3; c++) {
          int own = expected.getRGB(x, y) >> 16 - 8 * c & 0xff;
          if (pixels.channels() == 1) {
            own = expected.getRaster().getSample(x, y, 0);
          }
          double value = 255 * found[pixels.channels() == 1 ? at : 3 * at + c];
          double off = Math.abs(own - value);
          assertTrue(off < 4.5, "at " + x + ", " + y + ": " + own + " and " + value);
          sum += off;
        }
      }
    }
    assertTrue(sum / found.length < 1, () -> "in the mean");
  }

  @ParameterizedTest
  @CsvSource({"160, 96, 1, 1", "161, 97, 1, 1", "160, 96, 2, 2"})
  void anEighthIsTheMeansOfBlocks(int width, int height, int across, int down) throws Exception {
    byte[] bytes = new MadeJpeg(width, height, true, 0.95f, false, across, down, 0).bytes();
    BufferedImage whole = ImageIO.read(new ByteArrayInputStream(bytes));
    float[] eighth = new BlockPixels(JpegFile.read(bytes)).eighth();
    int columns = (width + 7) / 8;
    assertEquals(columns * ((height + 7) / 8), eighth.length);
    for (int row = 0; row < height / 8; row++) {
      for (int column = 0; column < width / 8; column++) {
        double sum = 0;
        for (int i = 0; i < 64; i++) {
          sum += whole.getRaster().getSample(8 * column + i % 8, 8 * row + i / 8, 0);
        }
        assertEquals(sum / 64, 255 * eighth[row * columns + column], 2);
      }
    }
  }
}
