package app.diaphan.core.raster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DilationTest {
  private static final Bounds ALL = new Bounds(0, 0, 120, 120);

  /** Compared by area, which a straight edge a tenth of a pixel off changes by a tenth a pixel. */
  @ParameterizedTest
  @CsvSource({"1,1,1", "2.8,1,1", "3.5,1,1", "2.8,1.2121,1", "3,0.9,1.1"})
  void aDiscBecomesAWiderOrANarrowerDisc(double by, double stepX, double stepY) {
    AffineTransform toPixels = AffineTransform.getScaleInstance(1 / stepX, 1 / stepY);
    Plane disc =
        Coverage.of(toPixels.createTransformedShape(Outlines.ellipse(28.3, 29.8, 50, 50)), ALL);
    for (double grown : new double[] {by, -by}) {
      Plane changed =
          grown > 0
              ? Dilation.wider(disc, by, stepX, stepY)
              : Dilation.narrower(disc, by, stepX, stepY);
      Plane expected =
          Coverage.of(
              toPixels.createTransformedShape(
                  Outlines.ellipse(28.3 - grown, 29.8 - grown, 50 + 2 * grown, 50 + 2 * grown)),
              ALL);
      double perimeter = 2 * Math.PI * (25 + grown);
      assertEquals(
          sum(expected) * stepX * stepY,
          sum(changed) * stepX * stepY,
          0.1 * perimeter,
          "grown by " + grown);
      for (int y = 0; y < ALL.height(); y++) {
        for (int x = 0; x < ALL.width(); x++) {
          assertEquals(expected.at(x, y), changed.at(x, y), 0.4, grown + ": " + x + ", " + y);
        }
      }
    }
  }

  @ParameterizedTest
  @CsvSource({"0.2", "0.6", "1", "3"})
  void aThinLineIsNotLost(double thickness) {
    Plane line = Coverage.of(new Rectangle2D.Double(20, 40.1, 60, thickness), ALL);
    Plane wide = Dilation.wider(line, 2, 1, 1);
    double height = 0;
    for (int y = 0; y < ALL.height(); y++) {
      height += wide.at(50, y);
    }
    assertTrue(height > 3.4, "only " + height + " px high");
    assertEquals(4 + thickness, height, 0.9);
  }

  @ParameterizedTest
  @CsvSource({"2", "3", "5"})
  void blocksKeepTheMeanAndThePlace(int side) {
    Plane disc = Coverage.of(Outlines.ellipse(-21.4, 13.2, 50, 50), new Bounds(-40, -5, 90, 90));
    Plane blocks = Blocks.of(disc, side);
    assertEquals(sum(disc), sum(blocks) * side * side, 0.01);
    Plane spread = Blocks.spread(blocks, side);
    assertEquals(sum(disc), sum(spread), 0.01);
    double moment = 0;
    for (int y = spread.bounds().top(); y < spread.bounds().bottom(); y++) {
      for (int x = spread.bounds().left(); x < spread.bounds().right(); x++) {
        moment += (x + 0.5) * spread.at(x, y);
      }
    }
    assertEquals(-21.4 + 25, moment / sum(spread), 0.1);
  }

  private static double sum(Plane plane) {
    double sum = 0;
    for (float value : plane.values()) {
      sum += value;
    }
    return sum;
  }
}
