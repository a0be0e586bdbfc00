package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

class CleanEdgesTest {
  private static final int WIDTH = 60;
  private static final int HEIGHT = 40;

  @Test
  void everyClearPixelNearADrawnOneHasTheNearestOnesColour() {
    float[] pixels = new float[4 * WIDTH * HEIGHT];
    Random random = new Random(3);
    for (int n = 0; n < 9; n++) {
      int at = 4 * random.nextInt(WIDTH * HEIGHT);
      Arrays.fill(pixels, at, at + 3, (n + 1) / 10f);
      pixels[at + 3] = 1;
    }
    float[] spread = pixels.clone();
    CleanEdges.spread(spread, WIDTH, 0, HEIGHT);
    for (int y = 0; y < HEIGHT; y++) {
      for (int x = 0; x < WIDTH; x++) {
        int at = 4 * (y * WIDTH + x);
        assertArrayEquals(
            nearest(pixels, x, y), Arrays.copyOfRange(spread, at, at + 4), x + ", " + y);
      }
    }
  }

  /** Of equally near ones the leftmost, and of those the upper. */
  private static float[] nearest(float[] pixels, int x, int y) {
    int best = 65;
    float[] colour = new float[4];
    for (int i = Math.max(0, x - 8); i <= Math.min(WIDTH - 1, x + 8); i++) {
      for (int away = 0; away <= 8; away++) {
        for (int j : new int[] {y - away, y + away}) {
          int distance = (i - x) * (i - x) + away * away;
          if (j >= 0 && j < HEIGHT && distance < best && pixels[4 * (j * WIDTH + i) + 3] > 0) {
            best = distance;
            colour = Arrays.copyOfRange(pixels, 4 * (j * WIDTH + i), 4 * (j * WIDTH + i) + 4);
          }
        }
      }
    }
    float[] expected = colour.clone();
    expected[3] = pixels[4 * (y * WIDTH + x) + 3];
    return expected;
  }
}
