package app.diaphan.core.cutout;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.overlay.cutout.CutEdge;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.Stroke;
import app.diaphan.core.picture.RasterPicture;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class MarksCutTest {
  private static final MadeLogo LOGO = new MadeLogo(0);

  private static Stroke stroke(boolean keep, double width, double... xy) {
    List<Stroke.Point> points = new ArrayList<>();
    for (int i = 0; i < xy.length; i += 2) {
      points.add(new Stroke.Point(xy[i], xy[i + 1]));
    }
    return new Stroke(keep, width, points);
  }

  /** On the ring, on the beam, around both and inside the ring. */
  private static final Stroke ON_RING = stroke(true, 8, 33, 64, 44, 40, 66, 32, 90, 44, 100, 64);

  private static final Stroke ON_BEAM = stroke(true, 6, 40, 142, 120, 124);
  private static final Stroke AROUND =
      stroke(false, 5, 6, 6, 150, 8, 152, 100, 120, 104, 10, 126, 8, 159, 150, 158, 152, 140);
  private static final Stroke INSIDE = stroke(false, 8, 60, 64, 72, 66);

  private static CutOut.ByMarks marks(Stroke... strokes) {
    return new CutOut.ByMarks(List.of(strokes), 2, CutEdge.AS_FOUND);
  }

  /** A ground with light and dark patches, as a photograph has. */
  private static RasterPicture photograph() {
    return LOGO.over(
        (x, y, c) ->
            0.72
                + 0.10 * Math.sin(x / 23.0 + c)
                + 0.06 * Math.cos(y / 17.0)
                + 0.02 * Math.sin(x * 1.9 + y * 2.3));
  }

  @Test
  void aMarkIsCutFromAnUnevenGroundByFourStrokes() {
    RasterPicture cut = CutOuts.of(photograph(), marks(ON_RING, ON_BEAM, AROUND, INSIDE));
    assertTrue(LOGO.alphaError(cut) <= 0.4, "mean alpha error " + LOGO.alphaError(cut));
    double worst = LOGO.worstColour(cut, 0.5);
    assertTrue(worst <= 8, "worst edge colour " + worst);
    // The ground's colour is out of the edge: none of it is as light as the ground.
    for (int i = 0; i < LOGO.alpha.length; i++) {
      float alpha = cut.value(4 * i + 3);
      if (alpha > 0.1 && alpha < 0.9) {
        assertTrue(cut.value(4 * i + 2) / alpha < 0.6, "blue of a pixel at the edge");
      }
    }
  }

  @Test
  void theInsideOfTheRingStaysUntilAStrokeDropsItAndALaterStrokeTakesBack() {
    RasterPicture given = photograph();
    int inside = 4 * (64 * MadeLogo.SIZE + 66) + 3;
    // Inside, the ground is walled off by the ring: what is marked outside it does not reach in.
    Stroke covering = stroke(true, 30, 66, 64);
    assertEquals(1, CutOuts.of(given, marks(ON_RING, ON_BEAM, AROUND, covering)).pixels()[inside]);
    assertEquals(0, CutOuts.of(given, marks(ON_RING, ON_BEAM, AROUND, INSIDE)).pixels()[inside]);
    Stroke back = stroke(true, 40, 66, 64);
    assertEquals(
        1, CutOuts.of(given, marks(ON_RING, ON_BEAM, AROUND, INSIDE, back)).pixels()[inside]);
  }

  @Test
  void strokesOfOneKindAloneCutNothing() {
    RasterPicture given = photograph();
    assertArrayEquals(given.pixels(), CutOuts.of(given, marks(ON_RING)).pixels());
    assertArrayEquals(given.pixels(), CutOuts.of(given, marks(AROUND)).pixels());
    assertArrayEquals(given.pixels(), CutOuts.of(given, marks()).pixels());
  }

  @Test
  void aLargePictureIsWorkedOnSmallerAndItsEdgesFoundAtFullSize() {
    int by = 8;
    int side = MadeLogo.SIZE * by;
    RasterPicture small = photograph();
    float[] pixels = new float[4 * side * side];
    for (int y = 0; y < side; y++) {
      for (int x = 0; x < side; x++) {
        System.arraycopy(
            small.pixels(), 4 * (y / by * MadeLogo.SIZE + x / by), pixels, 4 * (y * side + x), 4);
      }
    }
    List<Stroke> strokes = new ArrayList<>();
    for (Stroke one : List.of(ON_RING, ON_BEAM, AROUND, INSIDE)) {
      strokes.add(
          new Stroke(
              one.keep(),
              one.width() * by,
              one.points().stream().map(p -> new Stroke.Point(p.x() * by, p.y() * by)).toList()));
    }
    RasterPicture cut =
        CutOuts.of(
            new RasterPicture(side, side, pixels, false),
            new CutOut.ByMarks(strokes, 8, CutEdge.AS_FOUND));
    double sum = 0;
    for (int y = 0; y < side; y++) {
      for (int x = 0; x < side; x++) {
        float truth = LOGO.alpha[y / by * MadeLogo.SIZE + x / by];
        sum += Math.abs(cut.value(4 * (y * side + x) + 3) - truth);
      }
    }
    double error = 255 * sum / side / side;
    assertTrue(error <= 0.6, "mean alpha error " + error);
  }

  @Test
  void strokesOutsideThePictureAndSinglePointsAreBorne() {
    RasterPicture given = photograph();
    RasterPicture cut =
        CutOuts.of(given, marks(stroke(true, 5, 33, 64), stroke(false, 5, -400, -400, 900, -400)));
    assertArrayEquals(given.pixels(), cut.pixels());
    assertThrows(InvalidInput.class, () -> new Stroke(true, 0, List.of(new Stroke.Point(1, 1))));
    assertThrows(InvalidInput.class, () -> new Stroke(true, 5, List.of()));
    assertThrows(InvalidInput.class, () -> new CutOut.ByMarks(List.of(), 100, CutEdge.AS_FOUND));
  }
}
