package app.diaphan.core.raster;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DistanceTransformTest {
  @ParameterizedTest
  @CsvSource({"1,1", "1.2121,1", "0.9,1.1"})
  void everyDistanceIsTheNearestOfAll(double stepX, double stepY) {
    Random random = new Random(3);
    Plane plane = Plane.clear(new Bounds(2, 3, 49, 40));
    for (int i = 0; i < 9; i++) {
      plane.values()[random.nextInt(plane.values().length)] = 1;
    }
    Plane distance = DistanceTransform.toCovered(plane, stepX, stepY);
    for (int y = 3; y < 40; y++) {
      for (int x = 2; x < 49; x++) {
        double nearest = Double.MAX_VALUE;
        double toSide = 0;
        for (int j = 3; j < 40; j++) {
          for (int i = 2; i < 49; i++) {
            double length = Math.hypot((i - x) * stepX, (j - y) * stepY);
            if (plane.at(i, j) == 1 && length < nearest - 1e-9) {
              nearest = length;
              toSide = toPixel((i - x) * stepX, (j - y) * stepY, stepX, stepY);
            }
          }
        }
        if (nearest > 0) {
          // Of two pixels equally near, either side may be the answer.
          assertEquals(toSide, distance.at(x, y), 0.21, x + ", " + y);
        }
      }
    }
  }

  /** Distance to the side of a covered pixel that is turned this way. */
  private static double toPixel(double across, double down, double stepX, double stepY) {
    double length = Math.hypot(across, down);
    return length == 0
        ? 0
        : length - (Math.abs(across) * stepX + Math.abs(down) * stepY) / (2 * length);
  }

  @Test
  void partCoverageMovesTheEdge() {
    Plane disc = Coverage.of(Outlines.ellipse(20.3, 20.8, 30, 30), new Bounds(0, 0, 72, 72));
    Plane distance = DistanceTransform.toCovered(disc.fitted(new Bounds(0, 0, 72, 72)), 1, 1);
    for (int y = 0; y < 72; y++) {
      for (int x = 0; x < 72; x++) {
        double expected = Math.hypot(x + 0.5 - 35.3, y + 0.5 - 35.8) - 15;
        if (expected > 1) {
          assertEquals(expected, distance.at(x, y), 0.15, x + ", " + y);
        }
      }
    }
  }

  @Test
  void nothingCoveredIsInfinitelyFar() {
    Plane distance = DistanceTransform.toCovered(Plane.clear(new Bounds(0, 0, 4, 4)), 1, 1);
    assertEquals(Float.POSITIVE_INFINITY, distance.at(2, 2));
  }
}
