package app.diaphan.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Plane;
import java.awt.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class EdgeContrastTest {
  private static final Bounds FRAME = new Bounds(0, 0, 200, 3000);
  private static final Bounds SQUARE = new Bounds(10, 20, 14, 24);

  private static Plane plane(Bounds bounds, float value) {
    Plane plane = Plane.clear(bounds);
    java.util.Arrays.fill(plane.values(), value);
    return plane;
  }

  /** Those looked at, inside and outside in turn. */
  private static List<Point> asked(EdgeContrast contrast) {
    List<Point> asked = new ArrayList<>();
    contrast.over(
        (x, y) -> {
          asked.add(new Point(x, y));
          return 0;
        });
    return asked;
  }

  private static double over(EdgeContrast contrast, Set<Point> bright) {
    return contrast.over((x, y) -> bright.contains(new Point(x, y)) ? 1 : 0);
  }

  private static int pairs(Bounds within) {
    return asked(EdgeContrast.of(plane(SQUARE, 1), within)).size() / 2;
  }

  @Test
  void everyPixelInsideIsHeldAgainstThoseTwoAwayThatAreOutside() {
    List<Point> asked = asked(EdgeContrast.of(plane(SQUARE, 1), FRAME));
    // Two columns or rows at each of four sides of four.
    assertEquals(32, asked.size() / 2);
    int away = 0;
    for (int i = 0; i < asked.size(); i += 2) {
      Point inside = asked.get(i);
      Point outside = asked.get(i + 1);
      assertTrue(
          inside.x >= 10 && inside.x < 14 && inside.y >= 20 && inside.y < 24, inside.toString());
      assertFalse(
          outside.x >= 10 && outside.x < 14 && outside.y >= 20 && outside.y < 24,
          outside.toString());
      assertEquals(2, inside.distance(outside));
      away += outside.x - inside.x + 10 * (outside.y - inside.y);
    }
    assertEquals(0, away, "as many to each side");
  }

  @Test
  void whereThereAreNoPixelsNothingIsLookedAt() {
    assertEquals(8, pairs(new Bounds(8, 20, 12, 24)), "those to the left");
    assertEquals(4, pairs(new Bounds(9, 20, 12, 24)), "the nearer of them");
    assertEquals(8, pairs(new Bounds(10, 20, 16, 24)), "those to the right");
    assertEquals(4, pairs(new Bounds(10, 20, 15, 24)));
    assertEquals(8, pairs(new Bounds(10, 18, 14, 24)), "those above");
    assertEquals(4, pairs(new Bounds(10, 19, 14, 24)));
    assertEquals(8, pairs(new Bounds(10, 20, 14, 26)), "those below");
    assertEquals(4, pairs(new Bounds(10, 20, 14, 25)));
    EdgeContrast none = EdgeContrast.of(plane(SQUARE, 1), SQUARE);
    assertTrue(none.none());
    assertEquals(1, over(none, Set.of()));
  }

  @Test
  void whatIsThinIsTakenByWhatItHasMostOf() {
    for (float cover : new float[] {1, 0.99f, 0.6f, 0.3f}) {
      assertFalse(EdgeContrast.of(plane(SQUARE, cover), FRAME).none(), "cover " + cover);
    }
    assertTrue(EdgeContrast.of(plane(SQUARE, 0.29f), FRAME).none());
    Plane mixed = plane(SQUARE, 0.6f);
    mixed.values()[0] = 0.99f;
    assertEquals(2, asked(EdgeContrast.of(mixed, FRAME)).size() / 2, "of the solid one alone");
  }

  @Test
  void aTraceBesideItIsStillOutside() {
    for (float trace : new float[] {0.05f, 0.06f}) {
      Plane plane = plane(new Bounds(10, 20, 16, 21), trace);
      plane.values()[0] = 1;
      plane.values()[3] = 1;
      int level = trace > 0.05f ? 2 : 4;
      // Left of the first and right of the second there is nothing; between them a trace.
      long across =
          asked(EdgeContrast.of(plane, FRAME)).stream().filter(point -> point.y == 20).count()
              - asked(EdgeContrast.of(plane, FRAME)).size() / 2;
      assertEquals(level, across + (trace > 0.05f ? 1 : 0), "trace " + trace);
    }
  }

  @Test
  void theTwentiethPartOfTheEdgesMayBeWorse() {
    EdgeContrast contrast = EdgeContrast.of(plane(SQUARE, 1), FRAME);
    Set<Point> square = new java.util.HashSet<>();
    for (int i = 0; i < 16; i++) {
      square.add(new Point(10 + i % 4, 20 + i / 4));
    }
    assertEquals(21, over(contrast, square), 1e-9, "white on black");
    // Below the last row and to the right: asked for last.
    square.add(new Point(13, 25));
    assertEquals(21, over(contrast, square), 1e-9, "one of 32 is as white");
    square.add(new Point(12, 25));
    assertEquals(1, over(contrast, square), 1e-9, "two of 32 are");
  }

  @Test
  void ofManyEdgesSomeAreLookedAt() {
    EdgeContrast tall = EdgeContrast.of(plane(new Bounds(10, 20, 12, 1020), 1), FRAME);
    // 1000 rows with two pixels at two sides, and two pixels above and below at each column.
    assertEquals((4000 + 8 + 1) / 2, asked(tall).size() / 2);
    EdgeContrast odd = EdgeContrast.of(plane(new Bounds(10, 20, 11, 1521), 1), FRAME);
    assertEquals((2 * 1501 + 4 + 1) / 2, asked(odd).size() / 2);
    EdgeContrast few = EdgeContrast.of(plane(new Bounds(10, 20, 11, 720), 1), FRAME);
    assertEquals(2 * 700 + 4, asked(few).size() / 2);
  }
}
