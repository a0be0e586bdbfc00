package app.diaphan.core.overlay;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PathDataTest {
  @Test
  void aShapeComesBackAsItWasWritten() {
    Path2D shape = new Path2D.Double();
    shape.moveTo(10, -20.25);
    shape.lineTo(1.0 / 3, 4);
    shape.quadTo(5, 6, 7, 8);
    shape.curveTo(1, 2, 3, 4, 5e-7, 0);
    shape.closePath();
    String text = PathData.write(shape, AffineTransform.getScaleInstance(2, 2));
    assertEquals("M20 -40.5L0.666667 8Q10 12 14 16C2 4 6 8 0.000001 0Z", text);
    assertEquals(text, PathData.write(PathData.read(text, false), null));
  }

  @Test
  void numbersFollowEachOtherAsSvgLetsThem() {
    Shape path = PathData.read("M0,0 L1-1 .5.5 1e-1 2Z\n M3 3L4 4 5 3Z", true);
    assertEquals(PathIterator.WIND_EVEN_ODD, path.getPathIterator(null).getWindingRule());
    assertEquals("M0 0L1 -1L0.5 0.5L0.1 2ZM3 3L4 4L5 3Z", PathData.write(path, null));
  }

  @Test
  void curvesKeepTheirForm() {
    Shape circle = new Ellipse2D.Double(0.1, 0.2, 0.7, 0.7);
    Shape back = PathData.read(PathData.write(circle, null), false);
    for (int i = 0; i < 100; i++) {
      double x = i % 10 / 10.0;
      double y = i / 10 / 10.0;
      assertEquals(circle.contains(x, y), back.contains(x, y), x + ", " + y);
    }
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        " ",
        "L1 1",
        "M1",
        "M1 1L",
        "M0 0A1 1 0 0 0 2 2",
        "M0 0l1 1",
        "M0 0 L1 x",
        "5 5"
      })
  void whatIsNoPathDataIsAnswered(String text) {
    InvalidInput refused = assertThrows(InvalidInput.class, () -> PathData.read(text, false));
    assertTrue(refused.getMessage().contains("path data"), refused.getMessage());
  }
}
