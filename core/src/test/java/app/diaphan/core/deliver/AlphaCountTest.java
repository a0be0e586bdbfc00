package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class AlphaCountTest {
  private static final int[] ALPHAS = {0, 0, 1, 254, 255, 0, 127, 255, 128, 0};

  @ParameterizedTest
  @ValueSource(ints = {1, 2})
  void clearPartialAndSolidAreToldApart(int sample) {
    byte[] row = new byte[ALPHAS.length * 4 * sample];
    for (int x = 0; x < ALPHAS.length; x++) {
      for (int i = 0; i < sample; i++) {
        row[4 * sample * (x + 1) - 1 - i] = (byte) ALPHAS[x];
      }
    }
    AlphaCount count = new AlphaCount(ALPHAS.length);
    count.row(3, row, 0, 4 * sample, sample);
    assertEquals(0.4, count.clearShare());
    assertEquals(0.4, count.partialShare());
    assertEquals(0.2, count.solidShare());
    assertEquals(new FileReport.DrawnBounds(2, 3, 7, 1), count.drawn());
  }
}
