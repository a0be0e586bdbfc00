package app.diaphan.core.raster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EdgeFieldTest {
  private static final Bounds ALL = new Bounds(0, 0, 96, 96);

  /** Distance and direction for each pixel; not a number where nothing is told. */
  private static double[][] of(EdgeField field) {
    double[][] told = new double[3][ALL.width() * ALL.height()];
    java.util.Arrays.fill(told[0], Double.NaN);
    field.visit(
        (pixel, inside, inwardsX, inwardsY, side) -> {
          told[0][pixel] = inside;
          told[1][pixel] = inwardsX;
          told[2][pixel] = inwardsY;
        });
    return told;
  }

  @ParameterizedTest
  @CsvSource({"1,1", "1.2121,1", "0.9,1.1"})
  void distancesToACircleAreThoseOfItsFormula(double stepX, double stepY) {
    double cx = 48.3;
    double cy = 47.8;
    Plane disc =
        Coverage.of(
            AffineTransform.getScaleInstance(1 / stepX, 1 / stepY)
                .createTransformedShape(Outlines.ellipse(cx * stepX - 30, cy * stepY - 30, 60, 60)),
            ALL);
    double[][] told = of(EdgeField.of(disc.fitted(ALL), stepX, stepY, 1000));
    for (int y = 0; y < 96; y++) {
      for (int x = 0; x < 96; x++) {
        double dx = (x + 0.5 - cx) * stepX;
        double dy = (y + 0.5 - cy) * stepY;
        double radius = Math.hypot(dx, dy);
        // Near the middle all of the circle is as near.
        if (radius > 8) {
          assertEquals(30 - radius, told[0][y * 96 + x], 0.06, x + ", " + y);
          int at = y * 96 + x;
          assertEquals(-dx / radius, told[1][at], 0.1, x + ", " + y);
          assertEquals(-dy / radius, told[2][at], 0.1, x + ", " + y);
        }
      }
    }
  }

  @ParameterizedTest
  @CsvSource({"0,50.5", "0,50.1", "0,50.97", "90,40.3", "17,48.2", "45,48", "63.4,47.7", "119,48"})
  void straightEdgesAreFoundWhereTheyAre(double degrees, double through) {
    Path2D half = new Path2D.Double();
    half.moveTo(0, -300);
    half.lineTo(300, -300);
    half.lineTo(300, 300);
    half.lineTo(0, 300);
    half.closePath();
    AffineTransform turned = AffineTransform.getTranslateInstance(through, 48);
    turned.rotate(Math.toRadians(degrees));
    Plane plane = Coverage.of(turned.createTransformedShape(half), ALL).fitted(ALL);
    double[][] told = of(EdgeField.of(plane, 1, 1, 1000));
    double nx = Math.cos(Math.toRadians(degrees));
    double ny = Math.sin(Math.toRadians(degrees));
    for (int y = 30; y < 66; y++) {
      for (int x = 30; x < 66; x++) {
        double expected = (x + 0.5 - through) * nx + (y + 0.5 - 48) * ny;
        assertEquals(expected, told[0][y * 96 + x], 0.03, x + ", " + y);
      }
    }
  }

  @Test
  void growingAndShrinkingCoverAsACircleOfAnotherRadiusDoes() {
    Plane disc = Coverage.of(Outlines.ellipse(23.3, 22.8, 50, 50), ALL).fitted(ALL);
    EdgeField field = EdgeField.of(disc, 1, 1, 20);
    for (double by : new double[] {-9.4, -2, 3.3, 12}) {
      Plane expected =
          Coverage.of(Outlines.ellipse(23.3 - by, 22.8 - by, 50 + 2 * by, 50 + 2 * by), ALL);
      Plane grown = field.grown(by);
      for (int y = 0; y < 96; y++) {
        for (int x = 0; x < 96; x++) {
          assertEquals(expected.at(x, y), grown.at(x, y), 0.04, by + ": " + x + ", " + y);
        }
      }
    }
  }

  @Test
  void whatHasNoEdgeIsNotToldOf() {
    double[][] nothing = of(EdgeField.of(Plane.clear(ALL), 1, 1, 10));
    assertTrue(Double.isNaN(nothing[0][48 * 96 + 48]));
    EdgeField near =
        EdgeField.of(Coverage.of(Outlines.ellipse(3, 3, 90, 90), ALL).fitted(ALL), 1, 1, 10);
    assertTrue(Double.isNaN(of(near)[0][48 * 96 + 48]), "farther than asked for");
    assertTrue(near.in(48 * 96 + 48));
    assertEquals(8, of(near)[0][48 * 96 + 10], 0.6);
  }
}
