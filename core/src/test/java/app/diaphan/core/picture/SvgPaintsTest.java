package app.diaphan.core.picture;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.raster.Bounds;
import java.awt.geom.AffineTransform;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Patterns and round gradients of SVG files against what the standard and geometry say of them. */
class SvgPaintsTest {
  private static final int WIDTH = 100;
  private static final int HEIGHT = 60;

  private static VectorPicture svg(String content) {
    String file =
        "<svg xmlns='http://www.w3.org/2000/svg' width='100' height='60'>" + content + "</svg>";
    return assertInstanceOf(
        VectorPicture.class, PictureReader.read("made.svg", file.getBytes(StandardCharsets.UTF_8)));
  }

  private static float[] drawn(String content) {
    return FigureDrawing.of(
        svg(content).figures(new AffineTransform()), new Bounds(0, 0, WIDTH, HEIGHT));
  }

  private static List<Integer> at(float[] pixels, int x, int y) {
    int from = 4 * (y * WIDTH + x);
    return List.of(
        Math.round(255 * pixels[from]),
        Math.round(255 * pixels[from + 1]),
        Math.round(255 * pixels[from + 2]),
        Math.round(255 * pixels[from + 3]));
  }

  /** Of a turned pattern of stripes, by many places in each pixel. */
  @ParameterizedTest
  @ValueSource(doubles = {1, 1.37})
  void turnedTilesHaveNoLinesBetweenThem(double scale) {
    float[] pixels =
        drawn(
            "<pattern id='p' width='8' height='6' patternUnits='userSpaceOnUse' patternTransform='rotate(30) scale(%s)'><rect width='4' height='6' fill='#f00'/><rect x='4' width='4' height='6' fill='#00f'/></pattern><rect width='100' height='60' fill='url(#p)'/>"
                .replace("%s", Double.toString(scale)));
    double sum = 0;
    for (int y = 0; y < HEIGHT; y++) {
      for (int x = 0; x < WIDTH; x++) {
        int from = 4 * (y * WIDTH + x);
        assertEquals(1, pixels[from + 3], 0.004, x + ", " + y);
        double off = Math.abs(pixels[from] - redShare(x, y, scale));
        assertTrue(off < 0.09, x + ", " + y + ": " + off);
        sum += off;
      }
    }
    assertTrue(sum / (WIDTH * HEIGHT) < 0.012, "mean " + sum / (WIDTH * HEIGHT));
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
    float[] pixels = drawn(pattern);
    assertEquals(List.of(128, 0, 0, 128), at(pixels, 20, 30));
    assertEquals(List.of(0, 0, 128, 128), at(pixels, 50, 30));
    assertEquals(List.of(0, 0, 0, 0), at(pixels, 95, 30));
    assertTrue(
        Figure.apart(svg(pattern).figures(new AffineTransform())).stream()
            .noneMatch(one -> one instanceof Figure.Filled f && f.paint() instanceof TiledPaint));
  }

  @Test
  void whatReachesOutOfATileShowsInItsNeighbours() {
    String pattern =
        "<pattern id='p' width='20' height='20' patternUnits='userSpaceOnUse' style='overflow:%s'><rect x='15' width='10' height='10' fill='#f00'/></pattern><rect width='100' height='60' fill='url(#p)'/>";
    assertEquals(List.of(255, 0, 0, 255), at(drawn(pattern.replace("%s", "visible")), 42, 5));
    assertEquals(List.of(0, 0, 0, 0), at(drawn(pattern.replace("%s", "hidden")), 42, 5));
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
        at(drawn(pattern + shape.replace("%s", "fill: url(#p) #f00")), 50, 30));
    assertEquals(
        List.of(0, 0, 0, 0), at(drawn(pattern + shape.replace("%s", "fill: url(#p)")), 50, 30));
  }

  @Test
  void aPatternMadeFromNothingIsItself() {
    float[] pixels =
        drawn(
            "<pattern id='p' href='#nobody' width='10' height='10' patternUnits='userSpaceOnUse'><rect width='10' height='10' fill='#00f'/></pattern><rect width='100' height='60' fill='url(#p)'/>");
    assertEquals(List.of(0, 0, 255, 255), at(pixels, 50, 30));
  }

  /** Along the middle the colours are known: from one edge of a circle to that of the other. */
  @Test
  void aGradientMayBeginAtACircle() {
    float[] pixels =
        drawn(
            "<radialGradient id='g' gradientUnits='userSpaceOnUse' cx='50' cy='30' r='40' fr='10'><stop stop-color='#000'/><stop offset='1' stop-color='#f00'/></radialGradient><rect width='100' height='60' fill='url(#g)'/>");
    assertEquals(List.of(0, 0, 0, 255), at(pixels, 55, 30));
    for (int x = 62; x < 88; x += 3) {
      double t = (Math.hypot(x + 0.5 - 50, 0.5) - 10) / 30;
      assertEquals(255 * t, at(pixels, x, 30).getFirst(), 1.5, "" + x);
    }
  }

  /** Where no circle comes by, it paints nothing; the tip of the cone is to the right. */
  @Test
  void aGradientFromOutsideItsCircleIsACone() {
    float[] pixels =
        drawn(
            "<radialGradient id='g' gradientUnits='userSpaceOnUse' cx='30' cy='30' r='20' fx='80' fy='30'><stop stop-color='#000'/><stop offset='1' stop-color='#f00'/></radialGradient><rect width='100' height='60' fill='url(#g)'/>");
    assertEquals(List.of(0, 0, 0, 0), at(pixels, 90, 30));
    assertEquals(List.of(0, 0, 0, 0), at(pixels, 70, 50));
    assertEquals(List.of(255, 0, 0, 255), at(pixels, 20, 30));
    // Circles about 80 − 50 t of radius 20 t: the rightmost place of one is 80 − 30 t.
    for (int x = 52; x < 79; x += 3) {
      assertEquals(255 * (80 - x - 0.5) / 30, at(pixels, x, 30).getFirst(), 2, "" + x);
    }
  }
}
