package app.diaphan.core.raster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Outlines against the formulas of what they are. */
class OutlinesTest {
  /** Of a corner of a right angle, what its arc leaves out of the square around it. */
  private static final double LEFT_OUT = 1 - Math.PI / 4;

  private static List<double[]> points(Shape shape) {
    List<double[]> points = new ArrayList<>();
    double[] c = new double[6];
    for (PathIterator at = shape.getPathIterator(null, 1e-7); !at.isDone(); at.next()) {
      if (at.currentSegment(c) != PathIterator.SEG_CLOSE) {
        points.add(new double[] {c[0], c[1]});
      }
    }
    return points;
  }

  /** By the shoelace formula. */
  private static double area(Shape shape) {
    List<double[]> points = points(shape);
    double twice = 0;
    for (int i = 0; i < points.size(); i++) {
      double[] one = points.get(i);
      double[] next = points.get((i + 1) % points.size());
      twice += one[0] * next[1] - next[0] * one[1];
    }
    return Math.abs(twice) / 2;
  }

  private static void assertBox(Shape shape, double x, double y, double width, double height) {
    Rectangle2D box = shape.getBounds2D();
    assertEquals(x, box.getX(), 1e-5);
    assertEquals(y, box.getY(), 1e-5);
    assertEquals(width, box.getWidth(), 1e-5);
    assertEquals(height, box.getHeight(), 1e-5);
  }

  @Test
  void anEllipseLiesOnItsFormula() {
    Shape ellipse = Outlines.ellipse(30, -10, 200, 80);
    for (double[] point : points(ellipse)) {
      assertEquals(1, Math.hypot((point[0] - 130) / 100, (point[1] - 30) / 40), 2e-7);
    }
    assertEquals(Math.PI * 100 * 40, area(ellipse), 0.01);
    assertBox(ellipse, 30, -10, 200, 80);
  }

  @Test
  void cornersOfARectangleHaveEachTheirRadius() {
    Shape rounded = Outlines.roundedRectangle(200, 100, 10, 20, 30, 40);
    assertEquals(200 * 100 - LEFT_OUT * (100 + 400 + 900 + 1600), area(rounded), 0.01);
    assertBox(rounded, 0, 0, 200, 100);
    // Just within and just without each arc, on the line from its middle to the corner.
    double[][] arcs = {
      {10, 10, 10, -1, -1}, {180, 20, 20, 1, -1}, {170, 70, 30, 1, 1}, {40, 60, 40, -1, 1}
    };
    for (double[] arc : arcs) {
      for (double by : new double[] {-0.01, 0.01}) {
        double along = (arc[2] + by) / Math.sqrt(2);
        assertEquals(
            by < 0,
            rounded.contains(arc[0] + arc[3] * along, arc[1] + arc[4] * along),
            "radius " + arc[2] + " by " + by);
      }
    }
    assertEquals(5, points(Outlines.roundedRectangle(200, 100, 0, 0, 0, 0)).size());
    assertEquals(200 * 100, area(Outlines.roundedRectangle(200, 100, 0, 0, 0, 0)), 1e-9);
  }

  @Test
  void radiiThatDoNotFitAreMadeSmallerAlike() {
    // 80 and 40 beside each other on a side of 60: all of them by half.
    assertEquals(
        100 * 60 - LEFT_OUT * (1600 + 100 + 25 + 400),
        area(Outlines.roundedRectangle(100, 60, 80, 20, 10, 40)),
        0.01);
    assertEquals(
        60 * 100 - LEFT_OUT * (1600 + 400 + 25 + 100),
        area(Outlines.roundedRectangle(60, 100, 80, 40, 10, 20)),
        0.01);
    assertEquals(
        60 * 100 - LEFT_OUT * (100 + 25 + 400 + 1600),
        area(Outlines.roundedRectangle(60, 100, 20, 10, 40, 80)),
        0.01);
    assertEquals(
        100 * 60 - LEFT_OUT * (25 + 400 + 1600 + 100),
        area(Outlines.roundedRectangle(100, 60, 10, 40, 80, 20)),
        0.01);
    assertEquals(Math.PI * 900, area(Outlines.roundedRectangle(60, 60, 99, 99, 99, 99)), 0.01);
  }

  private static final double[] SQUARE = {10, 10, 110, 10, 110, 110, 10, 110};

  @Test
  void cornersOfAPolygonTouchBothSides() {
    assertEquals(10_000, area(Outlines.polygon(SQUARE, 0)), 1e-9);
    Shape rounded = Outlines.polygon(SQUARE, 20);
    assertEquals(10_000 - 4 * LEFT_OUT * 400, area(rounded), 0.01);
    assertBox(rounded, 10, 10, 100, 100);
    assertTrue(rounded.contains(30 - 19.9 / Math.sqrt(2), 30 - 19.9 / Math.sqrt(2)));
    assertFalse(rounded.contains(30 - 20.1 / Math.sqrt(2), 30 - 20.1 / Math.sqrt(2)));
    double[] backwards = {10, 110, 110, 110, 110, 10, 10, 10};
    assertEquals(area(rounded), area(Outlines.polygon(backwards, 20)), 1e-6);
    // Half of a side each at most: a circle.
    assertEquals(Math.PI * 2500, area(Outlines.polygon(SQUARE, 400)), 0.01);
  }

  @Test
  void cornersOfAnyAngleAreRounded() {
    double side = 120;
    double high = side * Math.sqrt(3) / 2;
    double[] triangle = {0, 0, side, 0, side / 2, high};
    double lost = 3 * 100 * (Math.sqrt(3) - Math.PI / 3);
    assertEquals(side * high / 2 - lost, area(Outlines.polygon(triangle, 10)), 0.01);
    // A corner that goes inwards is filled as much as one outwards is cut.
    double[] bent = {0, 0, 100, 0, 100, 40, 40, 40, 40, 100, 0, 100};
    double square = 100 * 40 + 60 * 40;
    assertEquals(square - 4 * LEFT_OUT * 100, area(Outlines.polygon(bent, 10)), 0.01);
    // A point in the middle of a side is no corner.
    double[] straight = {0, 0, 50, 0, 100, 0, 100, 100, 0, 100};
    assertEquals(10_000 - 4 * LEFT_OUT * 100, area(Outlines.polygon(straight, 10)), 0.01);
  }
}
