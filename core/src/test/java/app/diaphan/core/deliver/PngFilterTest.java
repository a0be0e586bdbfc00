package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PngFilterTest {
  @ParameterizedTest
  @CsvSource({"4,true", "8,true", "4,false", "8,false"})
  void everyFilteredRowCanBeUndone(int pixel, boolean search) {
    int stride = 40 * pixel;
    PngFilter filter = new PngFilter(stride, pixel, search);
    Random random = new Random(9);
    byte[] above = new byte[stride];
    for (int row = 0; row < 60; row++) {
      byte[] raw = new byte[stride];
      int from = random.nextInt(stride);
      int to = from + random.nextInt(stride - from);
      for (int i = from; i < to; i++) {
        raw[i] =
            switch (row / 15) {
              case 0 -> (byte) random.nextInt(256);
              case 1 -> (byte) (i + row);
              case 2 -> (byte) (i / pixel * 3);
              default -> above[i];
            };
      }
      byte[] out = new byte[stride + 1];
      filter.row(raw, 0, above, 0, out, 0);
      assertArrayEquals(raw, undone(out, above, pixel));
      above = raw;
    }
  }

  @ParameterizedTest
  @CsvSource({"4", "8"})
  void aRowLikeTheOneAboveIsAllZero(int pixel) {
    byte[] row = new byte[10 * pixel];
    new Random(1).nextBytes(row);
    byte[] out = new byte[row.length + 1];
    new PngFilter(row.length, pixel, true).row(row, 0, row.clone(), 0, out, 0);
    assertEquals(2, out[0]);
    for (int i = 1; i < out.length; i++) {
      assertEquals(0, out[i]);
    }
  }

  /** The reconstruction of the PNG specification, section 9.2. */
  private static byte[] undone(byte[] filtered, byte[] above, int pixel) {
    byte[] raw = new byte[above.length];
    for (int i = 0; i < raw.length; i++) {
      int a = i < pixel ? 0 : raw[i - pixel] & 0xff;
      int b = above[i] & 0xff;
      int c = i < pixel ? 0 : above[i - pixel] & 0xff;
      int p = a + b - c;
      int nearest =
          Math.abs(p - a) <= Math.abs(p - b) && Math.abs(p - a) <= Math.abs(p - c)
              ? a
              : Math.abs(p - b) <= Math.abs(p - c) ? b : c;
      int predicted =
          switch (filtered[0]) {
            case 1 -> a;
            case 2 -> b;
            case 3 -> (a + b) / 2;
            case 4 -> nearest;
            default -> 0;
          };
      raw[i] = (byte) (filtered[i + 1] + predicted);
    }
    return raw;
  }
}
