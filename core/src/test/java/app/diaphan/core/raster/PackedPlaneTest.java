package app.diaphan.core.raster;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import org.junit.jupiter.api.Test;

class PackedPlaneTest {
  /** Values as finishes have them: clear, whole or of one share over long ways, else of any. */
  private static Plane plane(Bounds bounds, long seed) {
    Random random = new Random(seed);
    Plane plane = Plane.clear(bounds);
    float[] levels = {0, 1, 0.25f, 0};
    for (int i = 0; i < plane.values().length; ) {
      int length = Math.min(plane.values().length - i, 1 + random.nextInt(90));
      boolean level = random.nextBoolean();
      float same = levels[random.nextInt(levels.length)];
      for (int end = i + length; i < end; i++) {
        plane.values()[i] = level ? same : random.nextFloat();
      }
    }
    return plane;
  }

  @Test
  void whatIsPackedComesBackAsItWas() {
    for (int width : new int[] {1, 31, 32, 33, 64, 100, 257}) {
      Plane plane = plane(new Bounds(-7, 3, width - 7, 20), width);

      Plane back = PackedPlane.of(plane).unpacked();

      assertEquals(plane.bounds(), back.bounds());
      assertArrayEquals(plane.values(), back.values());
    }
  }

  @Test
  void aVisitTellsOfAllPixelsThatAreNotClearWithinTheColumnsAsked() {
    Bounds bounds = new Bounds(-7, 3, 250, 20);
    Plane plane = plane(bounds, 5);
    PackedPlane packed = PackedPlane.of(plane);
    int[][] asked = {{-100, 400}, {0, 200}, {-7, 250}, {17, 18}, {40, 105}, {300, 310}, {90, 20}};
    for (int[] columns : asked) {
      for (int y = 0; y < 25; y++) {
        float[] told = new float[600];
        int[] last = {Integer.MIN_VALUE};
        packed.visit(
            y,
            columns[0],
            columns[1],
            (x, values, from, count) -> {
              assertTrue(x >= last[0] && x >= columns[0] && x + count <= columns[1]);
              System.arraycopy(values, from, told, x + 100, count);
              last[0] = x + count;
            });
        for (int x = -100; x < 500; x++) {
          float expected = x >= columns[0] && x < columns[1] ? plane.at(x, y) : 0;
          assertEquals(expected, told[x + 100], "column " + x + " of row " + y);
        }
      }
    }
  }

  @Test
  void aLineAlongTheEdgeTakesAFractionOfItsPlane() {
    Plane plane = Plane.clear(new Bounds(0, 0, 2000, 2000));
    for (int y = 0; y < 2000; y++) {
      for (int x = 0; x < 2000; x++) {
        boolean edge = Math.min(Math.min(x, 1999 - x), Math.min(y, 1999 - y)) < 10;
        plane.values()[y * 2000 + x] = edge ? (x * 7 + y) % 50 / 50f : 1;
      }
    }

    assertTrue(PackedPlane.of(plane).bytes() < 4L * 2000 * 2000 / 12);
  }
}
