package app.diaphan.core.cutout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.cutout.CutEdge;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.Stroke;
import app.diaphan.core.picture.RasterPicture;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A cut-out of a smaller picture looks like the whole one's made smaller. */
class ScaledCutOutTest {
  private static final int SIZE = 240;
  private static final CutEdge EDGE = new CutEdge(1, 2, 30, 40);

  /** A dark disc on light ground, with an edge of two pixels and a speck. */
  private static RasterPicture disc() {
    float[] pixels = new float[4 * SIZE * SIZE];
    for (int i = 0; i < SIZE * SIZE; i++) {
      double x = i % SIZE - SIZE / 2.0;
      double y = i / SIZE - SIZE / 2.0;
      double inside = Math.clamp((70 - Math.hypot(x, y)) / 2 + 0.5, 0, 1);
      boolean speck = Math.abs(x - 100) < 2 && Math.abs(y - 100) < 2;
      for (int c = 0; c < 3; c++) {
        pixels[4 * i + c] = (float) (0.9 - (speck ? 0.7 : 0.7 * inside));
      }
      pixels[4 * i + 3] = 1;
    }
    return new RasterPicture(SIZE, SIZE, pixels, false);
  }

  private static Stroke stroke(boolean keep, double... xy) {
    return new Stroke(
        keep,
        16,
        java.util.stream.IntStream.range(0, xy.length / 2)
            .mapToObj(i -> new Stroke.Point(xy[2 * i], xy[2 * i + 1]))
            .toList());
  }

  static List<CutOut> cutOuts() {
    return List.of(
        new CutOut.ByColour(
            new CutOut.GroundColour.OfBorder(),
            0.08,
            3,
            CutOut.GroundReach.EVERYWHERE,
            CutOut.SoftParts.SOLID,
            EDGE),
        new CutOut.ByBrightness(new CutOut.GroundColour.OfColour(Colour.WHITE), 0.15, 0.6, 1, EDGE),
        new CutOut.ByMarks(
            List.of(
                stroke(true, 100, 120, 140, 120),
                stroke(false, 10, 10, 230, 10, 230, 230, 10, 230, 10, 10)),
            3,
            EDGE));
  }

  @ParameterizedTest
  @MethodSource("cutOuts")
  void halfAsLargeItLooksLikeTheWholeMadeSmaller(CutOut cutOut) {
    RasterPicture expected = CutOuts.of(disc(), cutOut).halvings().get(1);
    RasterPicture found = CutOuts.of(disc().halvings().get(1), cutOut.scaled(0.5));
    assertEquals(expected.width(), found.width());
    double sum = 0;
    for (int i = 3; i < expected.valueCount(); i += 4) {
      sum += Math.abs(expected.value(i) - found.value(i));
    }
    double mean = 4 * sum / expected.valueCount();
    assertTrue(mean < 0.01, "alpha is off by " + mean + " in the mean");
  }

  @Test
  void lengthsStayWithinWhatIsAllowed() {
    assertEquals(CutOut.NONE, CutOut.NONE.scaled(0.5));
    CutOut.ByMarks marks = (CutOut.ByMarks) cutOuts().getLast();
    CutOut.ByMarks small = (CutOut.ByMarks) marks.scaled(0.01);
    assertEquals(1, small.softness());
    assertEquals(0.5, small.strokes().getFirst().width());
    assertEquals(new CutEdge(0.01, 0.02, 0, 0), small.edge());
    CutOut.ByMarks large = (CutOut.ByMarks) marks.scaled(100);
    assertEquals(CutOut.ByMarks.MOST_SOFTNESS, large.softness());
    assertEquals(CutEdge.MOST_PIXELS, large.edge().specks());
  }
}
