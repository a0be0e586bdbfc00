package app.diaphan.core.photograph.jpeg;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Coverage;
import app.diaphan.core.raster.Outlines;
import app.diaphan.core.raster.Plane;
import java.awt.image.BufferedImage;
import java.awt.image.Raster;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.Arrays;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Marks over photographs, looked at through the platform's decoder. */
class BlockMarkTest {
  private static final double[] AMBER = {0.94, 0.66, 0.25};

  /** An ellipse with an opacity. */
  private record Mark(Bounds bounds, float[] pixels) {
    static Mark of(Bounds bounds, double opacity) {
      Plane coverage =
          Coverage.of(
              Outlines.ellipse(
                  bounds.left() + 0.3,
                  bounds.top() + 0.4,
                  bounds.width() - 0.8,
                  bounds.height() - 0.9),
              bounds);
      float[] pixels = new float[4 * bounds.width() * bounds.height()];
      for (int i = 0; i < pixels.length / 4; i++) {
        double alpha =
            opacity
                * coverage.at(
                    bounds.left() + i % bounds.width(), bounds.top() + i / bounds.width());
        for (int c = 0; c < 3; c++) {
          pixels[4 * i + c] = (float) (alpha * AMBER[c]);
        }
        pixels[4 * i + 3] = (float) alpha;
      }
      return new Mark(bounds, pixels);
    }

    /** Premultiplied red, green, blue and alpha; 0 beside it. */
    double at(int x, int y, int channel) {
      boolean within =
          x >= bounds.left() && x < bounds.right() && y >= bounds.top() && y < bounds.bottom();
      return within
          ? pixels[4 * ((y - bounds.top()) * bounds.width() + x - bounds.left()) + channel]
          : 0;
    }
  }

  static Stream<MadeJpeg> files() {
    return JpegFileTest.files().filter(made -> made.width() > 16);
  }

  private static byte[] marked(byte[] bytes, Mark mark) throws Exception {
    JpegFile file = JpegFile.read(bytes);
    assertTrue(BlockMark.lay(file, mark.bounds(), mark.pixels()) > 0);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    file.write(out);
    return out.toByteArray();
  }

  /** Colours are enlarged by going from one sample to the next, so a touched one is seen beside. */
  @ParameterizedTest
  @MethodSource("files")
  void nothingIsLostBesideTheMark(MadeJpeg made) throws Exception {
    byte[] bytes = made.bytes();
    int left = made.width() / 3;
    int top = made.height() / 4;
    Mark mark = Mark.of(new Bounds(left, top, left + made.width() / 4, top + 15), 0.6);
    Raster before = JpegFileTest.pixels(bytes);
    Raster after = JpegFileTest.pixels(marked(bytes, mark));
    int unitAcross = 8 * (made.grey() ? 1 : made.across());
    int unitDown = 8 * (made.grey() ? 1 : made.down());
    int firstX = left / unitAcross * unitAcross - unitAcross / 8;
    int firstY = top / unitDown * unitDown - unitDown / 8;
    int lastX = (mark.bounds().right() + unitAcross - 1) / unitAcross * unitAcross + unitAcross / 8;
    int lastY = (mark.bounds().bottom() + unitDown - 1) / unitDown * unitDown + unitDown / 8;
    int changed = 0;
    int beside = 0;
    for (int y = 0; y < before.getHeight(); y++) {
      for (int x = 0; x < before.getWidth(); x++) {
        int[] was = before.getPixel(x, y, (int[]) null);
        int[] is = after.getPixel(x, y, (int[]) null);
        boolean around = x >= firstX && x < lastX && y >= firstY && y < lastY;
        if (!around) {
          assertArrayEquals(was, is, x + ", " + y);
          beside++;
        }
        changed += Arrays.equals(was, is) ? 0 : 1;
      }
    }
    assertTrue(changed > 60, "changed " + changed);
    assertTrue(beside > 0 || made.width() < 100, "beside it " + beside);
  }

  @Test
  void blocksThatTheMarkDoesNotTouchKeepTheirCoefficients() throws Exception {
    byte[] bytes = new MadeJpeg(200, 133, false, 0.8f, false, 2, 2, 0).bytes();
    Mark mark = Mark.of(new Bounds(90, 40, 150, 80), 0.5);
    JpegFile before = JpegFile.read(bytes);
    JpegFile after = JpegFile.read(marked(bytes, mark));
    short[] was = new short[Coefficients.OF_BLOCK];
    short[] is = new short[Coefficients.OF_BLOCK];
    int kept = 0;
    for (int row = 0; row < before.frame().components().getFirst().rows(); row++) {
      for (int column = 0; column < before.frame().components().getFirst().columns(); column++) {
        before.coefficients(0).block(column, row, was);
        after.coefficients(0).block(column, row, is);
        boolean touched = false;
        for (int i = 0; i < 64; i++) {
          touched |= mark.at(8 * column + i % 8, 8 * row + i / 8, 3) > 0;
        }
        if (!touched) {
          assertArrayEquals(was, is, column + ", " + row);
          kept++;
        }
      }
    }
    assertTrue(kept > 350, "kept " + kept);
  }

  /**
   * Compositing by the book, in red, green and blue, on what the platform decodes; then coded with
   * the file's steps by the transform's formula as it stands in the standard.
   */
  @ParameterizedTest
  @CsvSource({"0.95, 1", "0.8, 0.6", "0.5, 0.3"})
  void withinTheMarkItIsAsIfItHadBeenCompositedAndCodedOnce(float quality, double opacity)
      throws Exception {
    byte[] bytes = new MadeJpeg(200, 133, false, quality, false, 1, 1, 0).bytes();
    Mark mark = Mark.of(new Bounds(60, 30, 150, 100), opacity);
    Raster before = JpegFileTest.pixels(bytes);
    Raster after = JpegFileTest.pixels(marked(bytes, mark));
    JpegFile file = JpegFile.read(bytes);
    double sum = 0;
    int far = 0;
    int count = 0;
    for (int row = 4; row < 12; row++) {
      for (int column = 8; column < 18; column++) {
        double[][] wanted = coded(before, mark, column, row, file);
        for (int c = 0; c < 3; c++) {
          for (int i = 0; i < 64; i++) {
            int x = 8 * column + i % 8;
            int y = 8 * row + i / 8;
            double off = Math.abs(wanted[c][i] - after.getSample(x, y, c));
            sum += off;
            far += off > 2 ? 1 : 0;
            count++;
          }
        }
      }
    }
    assertTrue(sum / count < 0.6, "mean " + sum / count);
    // What was rounded when it was decoded may fall on the next step.
    assertTrue(far < 0.03 * count, far + " of " + count);
  }

  private static double[][] coded(Raster before, Mark mark, int column, int row, JpegFile file) {
    double[][] samples = new double[3][64];
    for (int i = 0; i < 64; i++) {
      int x = 8 * column + i % 8;
      int y = 8 * row + i / 8;
      double luma = before.getSample(x, y, 0);
      double blueLess = before.getSample(x, y, 1) - 128;
      double redLess = before.getSample(x, y, 2) - 128;
      double[] rgb = {
        luma + 1.402 * redLess,
        luma - 0.344136 * blueLess - 0.714136 * redLess,
        luma + 1.772 * blueLess
      };
      for (int c = 0; c < 3; c++) {
        rgb[c] = 255 * mark.at(x, y, c) + (1 - mark.at(x, y, 3)) * rgb[c];
      }
      samples[0][i] = 0.299 * rgb[0] + 0.587 * rgb[1] + 0.114 * rgb[2] - 128;
      samples[1][i] = -0.168736 * rgb[0] - 0.331264 * rgb[1] + 0.5 * rgb[2];
      samples[2][i] = 0.5 * rgb[0] - 0.418688 * rgb[1] - 0.081312 * rgb[2];
    }
    double[][] coded = new double[3][];
    for (int c = 0; c < 3; c++) {
      coded[c] = there(samples[c], file.quantization(c));
    }
    return coded;
  }

  /** There and back, frequency by frequency. */
  private static double[] there(double[] samples, int[] steps) {
    double[] back = new double[64];
    for (int k = 0; k < 64; k++) {
      int[] place = PLACES[k];
      double sum = 0;
      for (int i = 0; i < 64; i++) {
        sum += samples[i] * wave(place, i);
      }
      double kept = steps[k] * Math.rint(sum / 4 / steps[k]);
      for (int i = 0; i < 64; i++) {
        back[i] += kept * wave(place, i) / 4;
      }
    }
    for (int i = 0; i < 64; i++) {
      back[i] = Math.clamp(back[i] + 128, 0, 255);
    }
    return back;
  }

  private static double wave(int[] place, int i) {
    double scale = (place[0] == 0 ? Math.sqrt(0.5) : 1) * (place[1] == 0 ? Math.sqrt(0.5) : 1);
    return scale
        * Math.cos((2 * (i % 8) + 1) * place[0] * Math.PI / 16)
        * Math.cos((2 * (i / 8) + 1) * place[1] * Math.PI / 16);
  }

  /** Across and down, in the order of figure A.6. */
  private static final int[][] PLACES = new int[64][];

  static {
    int at = 0;
    for (int sum = 0; sum < 15; sum++) {
      for (int i = 0; i <= sum; i++) {
        int down = sum % 2 == 0 ? sum - i : i;
        if (down < 8 && sum - down < 8) {
          PLACES[at++] = new int[] {sum - down, down};
        }
      }
    }
  }

  /** Also where a photograph's last unit is not full, and of grey ones. */
  @ParameterizedTest
  @CsvSource({"false, 2, 2", "false, 1, 1", "true, 1, 1"})
  void aSolidMarkIsOfItsColourUpToTheEdge(boolean grey, int across, int down) throws Exception {
    byte[] bytes = new MadeJpeg(197, 131, grey, 0.9f, true, across, down, 0).bytes();
    Bounds bounds = new Bounds(160, 100, 197, 131);
    float[] pixels = new float[4 * bounds.width() * bounds.height()];
    for (int i = 0; i < pixels.length; i++) {
      pixels[i] = i % 4 == 3 ? 1 : (float) AMBER[i % 4];
    }
    BufferedImage seen =
        ImageIO.read(new ByteArrayInputStream(marked(bytes, new Mark(bounds, pixels))));
    for (int y = 113; y < 131; y++) {
      for (int x = 177; x < 197; x++) {
        int rgb = seen.getRGB(x, y);
        double luma = 0.299 * AMBER[0] + 0.587 * AMBER[1] + 0.114 * AMBER[2];
        for (int c = 0; c < 3; c++) {
          double wanted = 255 * (grey ? luma : AMBER[c]);
          int found = grey ? seen.getRaster().getSample(x, y, 0) : rgb >> 16 - 8 * c & 0xFF;
          assertEquals(wanted, found, 3, x + ", " + y);
        }
      }
    }
  }

  @Test
  void coloursOfPrintAreLeftAlone() throws Exception {
    JpegFile file = JpegFile.read(MadeJpeg.ofFour(61, 43));
    Mark mark = Mark.of(new Bounds(10, 10, 40, 30), 1);
    NotByBlocks refused =
        assertThrows(NotByBlocks.class, () -> BlockMark.lay(file, mark.bounds(), mark.pixels()));
    assertTrue(refused.getMessage().contains("print"), refused.getMessage());
  }
}
