package app.diaphan.core.raster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is told of places within a rectangle, whose distances need no formula. */
class EdgePlacesTest {
  private static final Bounds ALL = new Bounds(0, 0, 64, 48);
  private static final Rectangle2D BOX = new Rectangle2D.Double(8, 6, 40, 30);

  private record Told(double inside, double inwardsX, double inwardsY, double side) {}

  private static EdgeField field(double stepX, double stepY, double reach) {
    return EdgeField.of(Coverage.of(BOX, ALL).fitted(ALL), stepX, stepY, reach);
  }

  /** Ways to the left, right, upper and lower side of the box, from a place in pixels. */
  private static double[] ways(double x, double y, double stepX, double stepY) {
    return new double[] {
      (x - BOX.getMinX()) * stepX,
      (BOX.getMaxX() - x) * stepX,
      (y - BOX.getMinY()) * stepY,
      (BOX.getMaxY() - y) * stepY
    };
  }

  private static void assertTold(Told told, double[] ways, String where) {
    double least = Math.min(Math.min(ways[0], ways[1]), Math.min(ways[2], ways[3]));
    // The contour that distances are taken from is a little round at the box's corners.
    double[] sorted = ways.clone();
    java.util.Arrays.sort(sorted);
    if (sorted[1] < 2) {
      return;
    }
    double within = sorted[1] < 5 ? 0.2 : 0.06;
    assertEquals(least, told.inside(), within, where);
    boolean[] near = new boolean[4];
    int count = 0;
    for (int i = 0; i < 4; i++) {
      near[i] = ways[i] < least + 0.2;
      count += near[i] ? 1 : 0;
    }
    if (count == 1) {
      assertEquals(near[0] ? 1 : near[1] ? -1 : 0, told.inwardsX(), within + 0.05, where);
      assertEquals(near[2] ? 1 : near[3] ? -1 : 0, told.inwardsY(), within + 0.05, where);
    }
    assertEquals(1, Math.hypot(told.inwardsX(), told.inwardsY()), 1e-6, where);
  }

  @ParameterizedTest
  @CsvSource({"1, 1", "1.25, 1", "1, 1.5"})
  void manyPlacesAreToldWhereSidesMeetAndOneElsewhere(double stepX, double stepY) {
    int finer = 4;
    Map<Integer, List<Told>> all = new ConcurrentHashMap<>();
    field(stepX, stepY, 60)
        .visitShape(
            finer,
            (pixel, inside, inwardsX, inwardsY, side) ->
                all.computeIfAbsent(pixel, p -> new CopyOnWriteArrayList<>())
                    .add(new Told(inside, inwardsX, inwardsY, side)));
    assertEquals((int) (BOX.getWidth() * BOX.getHeight()), all.size(), "the shape's pixels alone");
    all.forEach(
        (pixel, told) -> {
          int x = pixel % ALL.width();
          int y = pixel / ALL.width();
          String where = x + ", " + y;
          double[] middle = ways(x + 0.5, y + 0.5, stepX, stepY);
          double[] sorted = middle.clone();
          java.util.Arrays.sort(sorted);
          if (told.size() == 1) {
            assertEquals(1, told.getFirst().side());
            assertTold(told.getFirst(), middle, where);
            return;
          }
          assertEquals(finer * finer, told.size(), where);
          assertTrue(sorted[1] - sorted[0] < 2 * (stepX + stepY), "sides meet at " + where);
          for (int i = 0; i < told.size(); i++) {
            assertEquals(0.25, told.get(i).side());
            double across = x + (i % finer + 0.5) / finer;
            double down = y + (i / finer + 0.5) / finer;
            assertTold(told.get(i), ways(across, down, stepX, stepY), where + " at " + i);
          }
        });
    // Where the ways to two sides are the same, directions change.
    assertEquals(
        16,
        all.get(
                12 * ALL.width()
                    + (stepX == 1 && stepY == 1 ? 14 : 8 + (int) (6.5 * stepY / stepX)))
            .size());
    assertEquals(1, all.get(20 * ALL.width() + 10).size());
  }

  @Test
  void onlyPlacesWithinReachAreTold() {
    EdgeField field = field(1, 1, 5);
    boolean[] told = new boolean[ALL.width() * ALL.height()];
    field.visit((pixel, inside, inwardsX, inwardsY, side) -> told[pixel] = true);
    for (int y = 0; y < ALL.height(); y++) {
      for (int x = 0; x < ALL.width(); x++) {
        double[] ways = ways(x + 0.5, y + 0.5, 1, 1);
        double inside = Math.min(Math.min(ways[0], ways[1]), Math.min(ways[2], ways[3]));
        double outX = Math.max(0, Math.max(-ways[0], -ways[1]));
        double outY = Math.max(0, Math.max(-ways[2], -ways[3]));
        double away = inside > 0 ? inside : Math.hypot(outX, outY);
        int pixel = y * ALL.width() + x;
        if (away < 4.9) {
          assertTrue(told[pixel], x + ", " + y);
        } else if (away > 6.1) {
          assertFalse(told[pixel], x + ", " + y);
        }
        assertEquals(inside > 0, field.in(pixel), x + ", " + y);
      }
    }
    assertEquals(ALL, field.bounds());
  }

  @Test
  void squaresAreCoveredAsIfTheEdgeWereStraight() {
    EdgeField field = field(2, 1, 5);
    assertEquals(2, field.extent(1, 0));
    assertEquals(2, field.extent(-1, 0));
    assertEquals(1, field.extent(0, -1));
    assertEquals(0.6 * 2 + 0.8, field.extent(0.6, -0.8), 1e-12);
    assertEquals(0.5, field.covered(0, 1, 0, 1), 1e-9);
    assertEquals(0.75, field.covered(0.5, 1, 0, 1), 1e-9);
    assertEquals(0.75, field.covered(0.5, -1, 0, 1), 1e-9);
    assertEquals(0.75, field.covered(0.25, 0, 1, 1), 1e-9);
    assertEquals(1, field.covered(0.25, 0, -1, 0.5), 1e-9);
    assertEquals(0, field.covered(-0.5, 1, 0, 0.5), 1e-9);
    assertEquals(0.25, field.covered(-0.25, 1, 0, 0.5), 1e-9);
  }

  @Test
  void whatIsShrunkOrGrownIsTheBoxFartherInOrOut() {
    // 2.5 units are 1.25 pixels across and 2.5 down.
    Plane shrunk = field(2, 1, 5).grown(-2.5);
    assertCovered(new Rectangle2D.Double(9.25, 8.5, 37.5, 25), shrunk, 4, 6);
    Plane grown = field(2, 1, 5).grown(2.5);
    assertCovered(new Rectangle2D.Double(6.75, 3.5, 42.5, 35), grown, 4, 6);
  }

  /** Everywhere but in the corners. */
  private static void assertCovered(Rectangle2D box, Plane plane, int across, int down) {
    Plane expected = Coverage.of(box, ALL).fitted(ALL);
    for (int y = 0; y < ALL.height(); y++) {
      for (int x = 0; x < ALL.width(); x++) {
        boolean beside =
            x + 1 > box.getMinX() + across && x < box.getMaxX() - across
                || y + 1 > box.getMinY() + down && y < box.getMaxY() - down;
        if (beside) {
          assertEquals(expected.at(x, y), plane.at(x, y), 0.04, x + ", " + y);
        }
      }
    }
  }

  private static double sum(Path2D path) {
    Plane plane = Coverage.of(path, new Bounds(0, 0, 120, 120));
    double sum = 0;
    for (float value : plane.values()) {
      sum += value;
    }
    return sum;
  }

  @Test
  void aParabolaCoversTwoThirdsOfItsTriangle() {
    Path2D path = new Path2D.Double();
    path.moveTo(10, 20);
    path.quadTo(50, 110, 100, 30);
    path.closePath();
    double triangle = Math.abs((50 - 10) * (30 - 20) - (100 - 10) * (110 - 20)) / 2.0;
    assertEquals(triangle * 2 / 3, sum(path), 0.15);
    Path2D cubic = new Path2D.Double();
    cubic.moveTo(10, 20);
    cubic.curveTo(
        10 + 40 * 2 / 3.0, 20 + 90 * 2 / 3.0, 100 - 50 * 2 / 3.0, 30 + 80 * 2 / 3.0, 100, 30);
    cubic.closePath();
    assertEquals(sum(cubic), sum(path), 1e-3);
  }

  @Test
  void outlinesThatAreLeftOpenAreClosed() {
    Path2D open = new Path2D.Double();
    open.moveTo(10, 10);
    open.lineTo(30, 10);
    open.lineTo(30, 30);
    open.moveTo(50, 50);
    open.lineTo(90, 50);
    open.lineTo(90, 90);
    assertEquals(20 * 20 / 2.0 + 40 * 40 / 2.0, sum(open), 1e-3);
    Path2D nowhere = new Path2D.Double();
    nowhere.moveTo(10, 10);
    nowhere.lineTo(Double.NaN, 10);
    nowhere.lineTo(30, Double.POSITIVE_INFINITY);
    assertEquals(0, sum(nowhere), 1e-9);
  }
}
