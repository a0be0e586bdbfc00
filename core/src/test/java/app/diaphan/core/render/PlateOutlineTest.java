package app.diaphan.core.render;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.PlateShape.Vertex;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.raster.Coverage;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Areas against their formulas; a shape's area is the sum of its exact coverage. */
class PlateOutlineTest {
  private static final double W = 120;
  private static final double H = 80;

  private static double area(PlateShape shape) {
    double sum = 0;
    for (float value :
        Coverage.of(PlateOutline.of(shape, W, H), new Bounds(0, 0, 120, 80)).values()) {
      sum += value;
    }
    return sum;
  }

  @Test
  void everyShapeFillsItsBoxFromSideToSide() {
    for (PlateShape shape :
        List.of(
            new PlateShape.Rectangle(),
            new PlateShape.RoundedRectangle(8),
            new PlateShape.Ellipse(),
            new PlateShape.Rule(true),
            new PlateShape.RegularPolygon(5, 0),
            new PlateShape.Star(5, 0.5, 0),
            new PlateShape.Triangle(0.3, 0),
            new PlateShape.Chevron(20, 0),
            new PlateShape.SlantedBar(20, -10, 0),
            new PlateShape.Wedge(PlateShape.Corner.TOP_RIGHT, 0))) {
      var box = PlateOutline.of(shape, W, H).getBounds2D();
      assertEquals(0, box.getMinX(), 1e-6, shape.toString());
      assertEquals(0, box.getMinY(), 1e-6, shape.toString());
      assertEquals(W, box.getMaxX(), 1e-6, shape.toString());
      assertEquals(H, box.getMaxY(), 1e-6, shape.toString());
    }
  }

  @Test
  void areasAreThoseOfTheirFormulas() {
    assertEquals(W * H / 2, area(new PlateShape.Triangle(0.7, 0)), 0.1);
    assertEquals(W * H / 2, area(new PlateShape.Wedge(PlateShape.Corner.BOTTOM_LEFT, 0)), 0.1);
    assertEquals((W - 20) * H, area(new PlateShape.Chevron(20, 0)), 0.1);
    assertEquals((W - 20) * H, area(new PlateShape.SlantedBar(20, 20, 0)), 0.1);
    assertEquals(W * H - 10 * H, area(new PlateShape.SlantedBar(20, 0, 0)), 0.1);
    assertEquals((W - H) * H + Math.PI * H * H / 4, area(new PlateShape.Rule(true)), 0.3);
    assertEquals(
        W * H / 2,
        area(
            new PlateShape.FreePolygon(
                List.of(
                    new Vertex(0.5, 0), new Vertex(1, 0.5), new Vertex(0.5, 1), new Vertex(0, 0.5)),
                0)),
        0.1);
  }

  @Test
  void eachCornerHasItsOwnRadiusAndTooLargeOnesMakeRoom() {
    double corner = 1 - Math.PI / 4;
    assertEquals(
        W * H - corner * (100 + 25 + 400),
        area(new PlateShape.RoundedRectangle(10, 0, 5, 20)),
        0.1);
    assertEquals(W * H - corner * 4 * 40 * 40, area(new PlateShape.RoundedRectangle(500)), 0.3);
  }

  @Test
  void roundedCornersOfAPolygonAreArcs() {
    double square = area(new PlateShape.FreePolygon(square(), 12));
    assertEquals(W * H - (1 - Math.PI / 4) * 4 * 144, square, 0.1);
    double sharp = area(new PlateShape.Star(5, 0.5, 0));
    assertTrue(Math.abs(area(new PlateShape.Star(5, 0.5, 4)) - sharp) < 0.05 * sharp);
    assertTrue(area(new PlateShape.Star(5, 0.5, 4)) != sharp);
  }

  private static List<Vertex> square() {
    return List.of(new Vertex(0, 0), new Vertex(1, 0), new Vertex(1, 1), new Vertex(0, 1));
  }

  @Test
  void aStarWithoutDepthIsThePolygon() {
    assertEquals(
        area(new PlateShape.RegularPolygon(6, 0)), area(new PlateShape.Star(6, 0, 0)), 0.1);
  }
}
