package app.diaphan.core.raster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GaussianBlurTest {
  private static final Bounds WIDE = new Bounds(-2000, -2000, 2000, 2000);

  @ParameterizedTest
  @CsvSource({
    "0.6,0.6", "1.5,1.5", "2,2", "3.4,3.4", "3.5,3.5", "5.3,5.3", "12,12", "40,40", "9,7.4",
    "300,30"
  })
  void aPointBecomesTheGaussian(double sigmaX, double sigmaY) {
    Plane point = new Plane(new Bounds(5, 7, 6, 8), new float[] {1});
    Plane blurred = GaussianBlur.of(point, sigmaX, sigmaY, WIDE);
    double peak = sampled(0, sigmaX) * sampled(0, sigmaY);
    Bounds bounds = blurred.bounds();
    double[] across = new double[bounds.width()];
    for (int x = bounds.left(); x < bounds.right(); x++) {
      across[x - bounds.left()] = sampled(x - 5, sigmaX);
    }
    double sum = 0;
    for (int y = bounds.top(); y < bounds.bottom(); y++) {
      double down = sampled(y - 7, sigmaY);
      for (int x = bounds.left(); x < bounds.right(); x++) {
        // Values under the cut of 1e-5 are dropped on purpose.
        double expected = across[x - bounds.left()] * down;
        if (Math.abs(expected - blurred.at(x, y)) > peak * 0.01 + 1e-5) {
          assertEquals(expected, blurred.at(x, y), peak * 0.01 + 1e-5);
        }
        sum += blurred.at(x, y);
      }
    }
    if (sigmaX < 10) {
      assertEquals(1, sum, 0.01);
    }
  }

  @Test
  void aWidePlaneStaysSolidInsideAndItsEdgeIsTheErrorFunction() {
    Plane square = Plane.clear(new Bounds(0, 0, 300, 300));
    java.util.Arrays.fill(square.values(), 1);
    Plane blurred = GaussianBlur.of(square, 10, 10, WIDE);
    assertEquals(1, blurred.at(150, 150), 1e-4);
    assertEquals(0.5, (blurred.at(-1, 150) + blurred.at(0, 150)) / 2, 1e-3);
    assertEquals(0.1587, (blurred.at(-11, 150) + blurred.at(-10, 150)) / 2, 2e-3);
    assertEquals(blurred.at(-6, 150), blurred.at(305, 150), 1e-5);
    assertEquals(blurred.at(150, -6), blurred.at(-6, 150), 1e-5);
  }

  @Test
  void noBlurChangesNothingAndTheClipCuts() {
    Plane point = new Plane(new Bounds(5, 7, 6, 8), new float[] {1});
    assertSame(0, GaussianBlur.reach(0));
    assertEquals(1, GaussianBlur.of(point, 0, 0, WIDE).at(5, 7));
    Bounds clip = new Bounds(0, 0, 6, 8);
    assertTrue(GaussianBlur.of(point, 4, 4, clip).bounds().right() <= 6);
  }

  private static double sampled(double x, double sigma) {
    double norm = 0;
    for (int i = -400; i <= 400; i++) {
      norm += Math.exp(-i * i / (2 * sigma * sigma));
    }
    return Math.exp(-x * x / (2 * sigma * sigma)) / norm;
  }
}
