package app.diaphan.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.geom.AffineTransform;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Patterns and round gradients of SVG files against what the standard and geometry say of them. */
class SvgPaintsTest {

  /** Of a turned pattern of stripes, by many places in each pixel. */
  @ParameterizedTest
  @ValueSource(doubles = {1, 1.37})
  void turnedTilesHaveNoLinesBetweenThem(double scale) {
    DrawnSvg svg =
        DrawnSvg.of(
            "<pattern id='p' width='8' height='6' patternUnits='userSpaceOnUse' patternTransform='rotate(30) scale(%s)'><rect width='4' height='6' fill='#f00'/><rect x='4' width='4' height='6' fill='#00f'/></pattern><rect width='100' height='60' fill='url(#p)'/>"
                .replace("%s", Double.toString(scale)));
    double sum = 0;
    for (int y = 0; y < DrawnSvg.HEIGHT; y++) {
      for (int x = 0; x < DrawnSvg.WIDTH; x++) {
        int from = 4 * (y * DrawnSvg.WIDTH + x);
        assertEquals(1, svg.pixels()[from + 3], 0.004, x + ", " + y);
        double off = Math.abs(svg.pixels()[from] - redShare(x, y, scale));
        assertTrue(off < 0.09, x + ", " + y + ": " + off);
        sum += off;
      }
    }
    assertTrue(
        sum / (DrawnSvg.WIDTH * DrawnSvg.HEIGHT) < 0.012,
        "mean " + sum / (DrawnSvg.WIDTH * DrawnSvg.HEIGHT));
  }

  private static double redShare(int x, int y, double scale) {
    int fine = 20;
    int red = 0;
    for (int i = 0; i < fine * fine; i++) {
      double placeX = x + (i % fine + 0.5) / fine;
      double placeY = y + (i / fine + 0.5) / fine;
      double along = (placeX * Math.cos(Math.PI / 6) + placeY * Math.sin(Math.PI / 6)) / scale;
      red += along - 8 * Math.floor(along / 8) < 4 ? 1 : 0;
    }
    return (double) red / (fine * fine);
  }

  /** As drawing programs fill a shape with a picture: one tile that is larger than the shape. */
  @Test
  void aShapeWithinOneTileIsFilledWithShapesAndAsOneThing() {
    String pattern =
        "<pattern id='p' x='-5' y='-5' width='200' height='200' patternUnits='userSpaceOnUse'><rect x='5' y='5' width='60' height='60' fill='#f00'/><rect x='45' y='5' width='60' height='60' fill='#00f'/></pattern><rect width='90' height='60' fill='url(#p)' fill-opacity='0.5'/>";
    DrawnSvg svg = DrawnSvg.of(pattern);
    assertEquals(List.of(128, 0, 0, 128), svg.at(20, 30));
    assertEquals(List.of(0, 0, 128, 128), svg.at(50, 30));
    assertEquals(List.of(0, 0, 0, 0), svg.at(95, 30));
    assertTrue(
        Figure.apart(svg.picture().figures(new AffineTransform())).stream()
            .noneMatch(one -> one instanceof Figure.Filled f && f.paint() instanceof TiledPaint));
  }

  @Test
  void whatReachesOutOfATileShowsInItsNeighbours() {
    String pattern =
        "<pattern id='p' width='20' height='20' patternUnits='userSpaceOnUse' style='overflow:%s'><rect x='15' width='10' height='10' fill='#f00'/></pattern><rect width='100' height='60' fill='url(#p)'/>";
    assertEquals(List.of(255, 0, 0, 255), DrawnSvg.of(pattern.replace("%s", "visible")).at(42, 5));
    assertEquals(List.of(0, 0, 0, 0), DrawnSvg.of(pattern.replace("%s", "hidden")).at(42, 5));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "<pattern id='p' width='0' height='9' patternUnits='userSpaceOnUse'><rect width='9' height='9'/></pattern>",
        "<pattern id='p'><rect width='9' height='9'/></pattern>",
        "<pattern id='p' href='#nobody'><rect width='9' height='9'/></pattern>"
      })
  void aPatternWithoutASizeIsFallenBackFrom(String pattern) {
    String shape = "<rect width='100' height='60' style='%s'/>";
    assertEquals(
        List.of(255, 0, 0, 255),
        DrawnSvg.of(pattern + shape.replace("%s", "fill: url(#p) #f00")).at(50, 30));
    assertEquals(
        List.of(0, 0, 0, 0),
        DrawnSvg.of(pattern + shape.replace("%s", "fill: url(#p)")).at(50, 30));
  }

  @Test
  void aPatternMadeFromNothingIsItself() {
    DrawnSvg svg =
        DrawnSvg.of(
            "<pattern id='p' href='#nobody' width='10' height='10' patternUnits='userSpaceOnUse'><rect width='10' height='10' fill='#00f'/></pattern><rect width='100' height='60' fill='url(#p)'/>");
    assertEquals(List.of(0, 0, 255, 255), svg.at(50, 30));
  }

  /** Along the middle the colours are known: from one edge of a circle to that of the other. */
  @Test
  void aGradientMayBeginAtACircle() {
    DrawnSvg svg =
        DrawnSvg.of(
            "<radialGradient id='g' gradientUnits='userSpaceOnUse' cx='50' cy='30' r='40' fr='10'><stop stop-color='#000'/><stop offset='1' stop-color='#f00'/></radialGradient><rect width='100' height='60' fill='url(#g)'/>");
    assertEquals(List.of(0, 0, 0, 255), svg.at(55, 30));
    for (int x = 62; x < 88; x += 3) {
      double t = (Math.hypot(x + 0.5 - 50, 0.5) - 10) / 30;
      assertEquals(255 * t, svg.at(x, 30).getFirst(), 1.5, "" + x);
    }
  }

  /** Where no circle comes by, it paints nothing; the tip of the cone is to the right. */
  @Test
  void aGradientFromOutsideItsCircleIsACone() {
    DrawnSvg svg =
        DrawnSvg.of(
            "<radialGradient id='g' gradientUnits='userSpaceOnUse' cx='30' cy='30' r='20' fx='80' fy='30'><stop stop-color='#000'/><stop offset='1' stop-color='#f00'/></radialGradient><rect width='100' height='60' fill='url(#g)'/>");
    assertEquals(List.of(0, 0, 0, 0), svg.at(90, 30));
    assertEquals(List.of(0, 0, 0, 0), svg.at(70, 50));
    assertEquals(List.of(255, 0, 0, 255), svg.at(20, 30));
    // Circles about 80 − 50 t of radius 20 t: the rightmost place of one is 80 − 30 t.
    for (int x = 52; x < 79; x += 3) {
      assertEquals(255 * (80 - x - 0.5) / 30, svg.at(x, 30).getFirst(), 2, "" + x);
    }
  }
}
