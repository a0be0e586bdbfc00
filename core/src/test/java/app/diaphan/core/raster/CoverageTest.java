package app.diaphan.core.raster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CoverageTest {
  private static final Bounds CLIP = new Bounds(0, 0, 64, 64);

  @ParameterizedTest
  @ValueSource(doubles = {0, 7, 30, 45, 61, 88.5, 90, 133, 179})
  void halfPlaneIsCoveredByItsExactArea(double degrees) {
    Path2D plane = new Path2D.Double(new Rectangle2D.Double(-500, 0.3, 1000, 900));
    plane.transform(AffineTransform.getRotateInstance(Math.toRadians(degrees)));
    plane.transform(AffineTransform.getTranslateInstance(31.7, 29.1));
    assertLike(plane, Coverage.of(plane, CLIP), 1.0 / 1024);
  }

  @Test
  void randomPolygonsAreCoveredByTheirExactArea() {
    Random random = new Random(7);
    for (int i = 0; i < 12; i++) {
      Path2D polygon = new Path2D.Double(i % 2);
      for (int corner = 0; corner < 9; corner++) {
        double x = random.nextDouble() * 80 - 8;
        double y = random.nextDouble() * 80 - 8;
        if (corner == 0) {
          polygon.moveTo(x, y);
        } else {
          polygon.lineTo(x, y);
        }
      }
      polygon.closePath();
      assertLike(polygon, Coverage.of(polygon, CLIP), 1.0 / 1024);
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {2, 3.3, 9, 26, 200, 500})
  void circlesAreCoveredByTheirExactArea(double radius) {
    double cx = 32.37;
    double cy = radius > 60 ? 32 + radius - 9.2 : 31.81;
    Shape circle = Outlines.ellipse(cx - radius, cy - radius, 2 * radius, 2 * radius);
    Plane plane = Coverage.of(circle, CLIP);
    for (int y = 0; y < 64; y++) {
      for (int x = 0; x < 64; x++) {
        assertEquals(discInPixel(x - cx, y - cy, radius), plane.at(x, y), 1.0 / 256, x + ", " + y);
      }
    }
  }

  @Test
  void shapesThatReachFarBeyondAnyFrameCoverWhatTheyCover() {
    Bounds low = new Bounds(0, 500, 8, 508);
    Path2D huge = new Path2D.Double();
    huge.moveTo(-1e30, -1e30);
    huge.lineTo(1e30, -1e30);
    huge.lineTo(1e30, 1e30);
    huge.lineTo(-1e30, 1e30);
    huge.closePath();
    Plane plane = Coverage.of(huge, low);
    assertEquals(low, plane.bounds());
    for (float covered : plane.values()) {
      assertEquals(1, covered);
    }
    Path2D nowhere = new Path2D.Double();
    nowhere.moveTo(Double.NaN, 1);
    nowhere.lineTo(5, Double.POSITIVE_INFINITY);
    nowhere.lineTo(2, 3);
    assertTrue(Coverage.of(nowhere, low).bounds().empty());
  }

  @Test
  void aPlaneIsNoLargerThanItsShape() {
    Bounds wide = new Bounds(-50, -50, 300, 300);
    Plane plane = Coverage.of(new Ellipse2D.Double(200.5, 100.5, 20, 10), wide);
    assertEquals(new Bounds(200, 100, 221, 111), plane.bounds());
  }

  @Test
  void overlappingContoursFollowTheWindingRule() {
    for (int rule : new int[] {Path2D.WIND_NON_ZERO, Path2D.WIND_EVEN_ODD}) {
      Path2D path = new Path2D.Double(rule);
      path.append(new Ellipse2D.Double(4.2, 5.1, 30, 30), false);
      path.append(new Ellipse2D.Double(17.3, 11.6, 38, 29), false);
      // Turned the other way round, it cancels nothing unless the rule says so.
      path.append(reversed(new Rectangle2D.Double(10.4, 30.25, 22.5, 25.5)), false);
      assertLike(path, Coverage.of(path, CLIP), 1.0 / 256);
    }
  }

  @Test
  void combinationsOfShapesShareEdgesWithoutSeam() {
    Shape a = new Ellipse2D.Double(5.5, 5.5, 40.3, 40.3);
    Shape b = new Ellipse2D.Double(20.1, 14.7, 38.8, 41.2);
    Plane both = Coverage.of(List.of(a, b), in -> in == 3, CLIP);
    Plane onlyA = Coverage.of(List.of(a, b), in -> in == 1, CLIP);
    Plane whole = Coverage.of(a, CLIP);
    for (int y = 0; y < 64; y++) {
      for (int x = 0; x < 64; x++) {
        assertEquals(whole.at(x, y), both.at(x, y) + onlyA.at(x, y), 1e-5, x + ", " + y);
      }
    }
  }

  @Test
  void whatLiesLeftOfTheClipCountsAndWhatLiesRightDoesNot() {
    Plane plane = Coverage.of(new Rectangle2D.Double(-30.5, 3, 40.75, 10), CLIP);
    assertEquals(1, plane.at(0, 5), 1e-6);
    assertEquals(0.25, plane.at(10, 5), 1e-6);
    assertEquals(0, plane.at(11, 5));
    assertTrue(Coverage.of(new Rectangle2D.Double(70, 0, 9, 9), CLIP).bounds().empty());
  }

  @ParameterizedTest
  @CsvSource({"0,0", "3,0", "0,2"})
  void emptyShapesCoverNothing(double width, double height) {
    Plane plane = Coverage.of(new Rectangle2D.Double(5, 5, width, height), CLIP);
    for (float value : plane.values()) {
      assertEquals(0, value);
    }
  }

  private static Path2D reversed(Rectangle2D r) {
    Path2D path = new Path2D.Double();
    path.moveTo(r.getMinX(), r.getMinY());
    path.lineTo(r.getMinX(), r.getMaxY());
    path.lineTo(r.getMaxX(), r.getMaxY());
    path.lineTo(r.getMaxX(), r.getMinY());
    path.closePath();
    return path;
  }

  /** Compares with the area that the JDK's constructive geometry leaves in each pixel. */
  private static void assertLike(Shape shape, Plane plane, double within) {
    Area whole = new Area(shape);
    for (int y = CLIP.top(); y < CLIP.bottom(); y++) {
      for (int x = CLIP.left(); x < CLIP.right(); x++) {
        Rectangle2D pixel = new Rectangle2D.Double(x, y, 1, 1);
        double expected;
        if (whole.contains(pixel)) {
          expected = 1;
        } else if (!whole.intersects(pixel)) {
          expected = 0;
        } else {
          Area inPixel = new Area(pixel);
          inPixel.intersect(whole);
          expected = areaOf(inPixel);
        }
        assertEquals(expected, plane.at(x, y), within, x + ", " + y);
      }
    }
  }

  private static double areaOf(Shape shape) {
    PathIterator path = new FlatteningPathIterator(shape.getPathIterator(null), 1e-4);
    double[] p = new double[6];
    double area = 0;
    double sx = 0;
    double sy = 0;
    double x = 0;
    double y = 0;
    for (; !path.isDone(); path.next()) {
      int kind = path.currentSegment(p);
      double nx = kind == PathIterator.SEG_CLOSE ? sx : p[0];
      double ny = kind == PathIterator.SEG_CLOSE ? sy : p[1];
      if (kind == PathIterator.SEG_MOVETO) {
        sx = nx;
        sy = ny;
      } else {
        area += (x * ny - nx * y) / 2;
      }
      x = nx;
      y = ny;
    }
    return Math.abs(area);
  }

  /** Integrates the chord of the disc over the pixel's columns. */
  private static double discInPixel(double left, double top, double radius) {
    int steps = 2000;
    double sum = 0;
    for (int i = 0; i < steps; i++) {
      double x = left + (i + 0.5) / steps;
      double square = radius * radius - x * x;
      if (square > 0) {
        double half = Math.sqrt(square);
        sum += Math.max(0, Math.min(half, top + 1) - Math.max(-half, top));
      }
    }
    return sum / steps;
  }
}
