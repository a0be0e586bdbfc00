package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Random;
import org.junit.jupiter.api.Test;

class SoftValuesTest {
  private static final int STRIDE = 4 * 9;
  private static final int ROWS = 7;

  @Test
  void aValueIsSoftIfItChangesSlowlyTowardsOneOfItsFourNeighbours() {
    float[] pixels = new float[STRIDE * ROWS];
    Random random = new Random(5);
    for (int i = 0; i < pixels.length; i++) {
      // Most neighbours are equal or far apart, so that one soft side decides.
      pixels[i] = random.nextInt(3) * 0.3f + (random.nextInt(6) == 0 ? 0.004f : 0);
    }
    SoftValues soft = new SoftValues(pixels, STRIDE);
    for (int row = 0; row < ROWS; row++) {
      int[] softness = soft.of(row);
      for (int i = 0; i < STRIDE; i++) {
        int at = row * STRIDE + i;
        boolean expected =
            i >= 4 && slow(pixels, at, at - 4)
                || i + 4 < STRIDE && slow(pixels, at, at + 4)
                || row > 0 && slow(pixels, at, at - STRIDE)
                || row + 1 < ROWS && slow(pixels, at, at + STRIDE);
        assertEquals(expected, softness[i] > 0, row + ", " + i);
      }
    }
  }

  private static boolean slow(float[] pixels, int one, int other) {
    float change = Math.abs(pixels[one] - pixels[other]);
    return change > 1e-6f && change < 2f / 255;
  }
}
