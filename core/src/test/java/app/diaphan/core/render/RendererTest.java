package app.diaphan.core.render;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.FrameCatalogue;
import app.diaphan.core.memory.RecentMemory;
import app.diaphan.core.overlay.Crop;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.overlay.finish.Outline;
import app.diaphan.core.overlay.finish.Shadow;
import app.diaphan.core.overlay.finish.UnderFace;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.paint.PictureFit;
import app.diaphan.core.picture.RasterPicture;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class RendererTest {
  private static final PlateShape RECTANGLE = new PlateShape.Rectangle();
  private static final Frame SMALL = Frame.of(200, 120);
  private final Renderer renderer = Samples.renderer();

  @ParameterizedTest
  @EnumSource(PinPoint.class)
  void aPieceHangsFromItsPoint(PinPoint point) {
    for (Area area : Area.values()) {
      Overlay overlay =
          Samples.overlay(
              Samples.HD,
              Samples.plate(
                  RECTANGLE, Place.at(point, area, 12, -7), 200, 90, Samples.flat("#ffffff")));
      double[] corners = renderer.place(overlay, Canvas.of(Samples.HD)).getFirst().corners();
      var rectangle = Samples.HD.area(area);
      double x = corners[0] + point.across() * 200;
      double y = corners[1] + point.down() * 90;
      assertEquals(point.of(rectangle).getX() + 12, x, 1e-6);
      assertEquals(point.of(rectangle).getY() - 7, y, 1e-6);
    }
  }

  @Test
  void anotherFrameKeepsThePinAndScalesLengths() {
    Overlay overlay =
        Samples.overlay(
            Samples.HD,
            Samples.plate(
                RECTANGLE,
                Place.at(PinPoint.BOTTOM_LEFT, Area.TITLE_SAFE, 48, -32),
                300,
                60,
                Samples.flat("#ffffff")));
    Frame upright = Frame.of(1080, 1920);
    double[] corners = renderer.place(overlay, Canvas.of(upright)).getFirst().corners();
    var safe = upright.area(Area.TITLE_SAFE);
    assertEquals(safe.getMinX() + 48, corners[0], 1e-6);
    assertEquals(safe.getMaxY() - 32, corners[5], 1e-6);
    assertEquals(300, corners[2] - corners[0], 1e-6);
    Frame small = Frame.of(960, 540);
    corners = renderer.place(overlay, Canvas.of(small)).getFirst().corners();
    assertEquals(150, corners[2] - corners[0], 1e-6);
  }

  @Test
  void aTurnedPieceTurnsAboutItsMiddle() {
    Place place = Samples.centre().turned(90, false);
    Overlay overlay =
        Samples.overlay(SMALL, Samples.plate(RECTANGLE, place, 80, 20, Samples.flat("#ffffff")));
    Rendering rendering = renderer.render(overlay, Canvas.of(SMALL));
    assertEquals(1, alpha(rendering, 100, 25), 1e-6);
    assertEquals(0, alpha(rendering, 70, 60), 1e-6);
  }

  /** Rows are read from pixels that were put together once, all of a row or some columns of it. */
  @Test
  void putTogetherAtOnceAllRowsAreTheSame() {
    Overlay overlay =
        Samples.overlay(
            SMALL,
            Samples.plate(
                RECTANGLE, Samples.centre().turned(20, false), 80, 20, Samples.flat("#336699")));
    Rendering rendering = renderer.render(overlay, Canvas.of(SMALL));
    Rendering together = rendering.together();
    assertEquals(rendering.drawn(), together.drawn());
    assertArrayEquals(rendering.pixels(), together.pixels());
    int width = SMALL.width();
    for (int top : List.of(0, SMALL.height() / 2 - 3, SMALL.height() - 5)) {
      float[] expected = new float[4 * width * 5];
      float[] rows = new float[expected.length];
      Arrays.fill(rows, 0.5f); // What was there before is overwritten.
      rendering.rows(top, top + 5, expected);
      together.rows(top, top + 5, rows);
      assertArrayEquals(expected, rows);
    }
    int left = rendering.drawn().left() - 2;
    int right = rendering.drawn().right() + 1;
    assertArrayEquals(
        rendering.rows(0, SMALL.height(), left, right),
        together.rows(0, SMALL.height(), left, right));
  }

  @ParameterizedTest
  @ValueSource(ints = {480, 576})
  void circlesStayRoundWhereVideoPixelsAreNotSquare(int lines) {
    for (var choice : FrameCatalogue.choices()) {
      Frame frame = choice.frame();
      if (frame.height() == lines) {
        Overlay overlay =
            Samples.overlay(
                frame,
                Samples.plate(
                    new PlateShape.Ellipse(),
                    Samples.centre(),
                    200,
                    200,
                    Samples.flat("#ffffff"),
                    Samples.outline(10, Outline.Side.OUTSIDE, "#ffffff")));
        Rendering rendering = renderer.render(overlay, Canvas.of(frame));
        double across = 0;
        double down = 0;
        for (int x = 0; x < frame.width(); x++) {
          across += alpha(rendering, x, frame.height() / 2);
        }
        for (int y = 0; y < frame.height(); y++) {
          down += alpha(rendering, frame.width() / 2, y);
        }
        assertEquals(220, across * frame.pixelAspect().value(), 0.5, choice.name());
        assertEquals(220, down, 0.5, choice.name());
      }
    }
  }

  @Test
  void anOutlineOfACircleIsARing() {
    for (Outline.Side side : Outline.Side.values()) {
      Overlay overlay =
          Samples.overlay(
              SMALL,
              Samples.faced(
                  Samples.plate(
                      new PlateShape.Ellipse(),
                      Samples.centre(),
                      60,
                      60,
                      Samples.flat("#ff0000"),
                      Samples.outline(8, side, "#ffffff")),
                  0,
                  1));
      Rendering rendering = renderer.render(overlay, Canvas.of(SMALL));
      double inner = side == Outline.Side.OUTSIDE ? 30 : side == Outline.Side.INSIDE ? 22 : 26;
      float[] pixels = rendering.pixels();
      for (int y = 0; y < 120; y++) {
        for (int x = 0; x < 200; x++) {
          double r = Math.hypot(x + 0.5 - 100, y + 0.5 - 60);
          double expected = edge(inner + 8 - r) * edge(r - inner);
          assertEquals(expected, pixels[4 * (y * 200 + x) + 3], 0.22, side + " " + x + ", " + y);
          if (Math.abs(r - inner) > 1 && Math.abs(r - inner - 8) > 1) {
            assertEquals(Math.rint(expected), pixels[4 * (y * 200 + x) + 3], 1e-4);
          }
        }
      }
    }
  }

  /** Coverage of a pixel whose middle lies this far inside a straight edge. */
  private static double edge(double inside) {
    return Math.clamp(inside + 0.5, 0.0, 1.0);
  }

  @Test
  void theShadowOfAStraightEdgeIsTheErrorFunction() {
    Overlay overlay =
        Samples.overlay(
            SMALL,
            Samples.plate(
                RECTANGLE,
                Place.at(PinPoint.RIGHT, Area.FRAME, -100, 0),
                400,
                900,
                Samples.flat("#ff0000"),
                Samples.shadow(0, 20, 24, 0)));
    Rendering rendering = renderer.render(overlay, Canvas.of(SMALL));
    double sigma = 12;
    for (int x = 101; x < 180; x++) {
      double expected = 0.7 * (1 - normal((x + 0.5 - 120) / sigma));
      assertEquals(expected, alpha(rendering, x, 60), 0.004, "at " + x);
    }
  }

  @Test
  void aFinishReachesNoFartherThanItSays() {
    Overlay overlay =
        Samples.overlay(
            SMALL,
            Samples.plate(
                RECTANGLE,
                Place.at(PinPoint.CENTRE, Area.FRAME, 40, 0),
                20,
                20,
                Samples.flat("#ff0000"),
                Samples.shadow(0, 0, 8, 0.5)));
    var drawn = renderer.render(overlay, Canvas.of(SMALL)).drawn();
    assertTrue(drawn.left() > 110 && drawn.top() > 30, drawn.toString());
  }

  @Test
  void aFirmShadowStaysSolidOverItsFirmPart() {
    Overlay overlay =
        Samples.overlay(
            SMALL,
            Samples.plate(
                RECTANGLE,
                Samples.centre(),
                40,
                40,
                Samples.flat("#ff0000"),
                Samples.shadow(0, 0, 20, 1)));
    Rendering rendering = renderer.render(overlay, Canvas.of(SMALL));
    assertEquals(0.7, alpha(rendering, 139, 60), 1e-3);
    assertEquals(0, alpha(rendering, 141, 60), 1e-3);
  }

  @Test
  void aThinFaceHoldsItsShadowOutUnlessAsked() {
    for (UnderFace under : UnderFace.values()) {
      Shadow shadow = new Shadow(true, 0, 0, 0, 0, Samples.shadow(0, 0, 0, 0).colour(), 1, under);
      Overlay overlay =
          Samples.overlay(
              SMALL,
              Samples.faced(
                  Samples.plate(
                      RECTANGLE, Samples.centre(), 40, 40, Samples.flat("#ffffff"), shadow),
                  0.25,
                  1));
      Rendering rendering = renderer.render(overlay, Canvas.of(SMALL));
      double expected = under == UnderFace.SHOWING ? 1 : 0.25;
      assertEquals(expected, alpha(rendering, 100, 60), 1e-5, under.name());
    }
  }

  @Test
  void aHeldOutOutlineMeetsAThinFaceWithoutSeam() {
    Overlay overlay =
        Samples.overlay(
            SMALL,
            Samples.faced(
                Samples.plate(
                    RECTANGLE,
                    Place.at(PinPoint.TOP_LEFT, Area.FRAME, 50.5, 30),
                    60,
                    60,
                    Samples.flat("#ffffff"),
                    Samples.outline(6, Outline.Side.OUTSIDE, "#ffffff")),
                0.5,
                1));
    Rendering rendering = renderer.render(overlay, Canvas.of(SMALL));
    // Half the pixel is outline at 1, half is face at 0.5.
    assertEquals(0.75, alpha(rendering, 50, 60), 1e-5);
  }

  @Test
  void overallOpacityThinsEverythingAndFaceOpacityOnlyTheFace() {
    Overlay overlay =
        Samples.overlay(
            SMALL,
            Samples.faced(
                Samples.plate(
                    RECTANGLE,
                    Samples.centre(),
                    60,
                    60,
                    Samples.flat("#ffffff"),
                    Samples.outline(6, Outline.Side.OUTSIDE, "#000000")),
                0.5,
                0.4));
    Rendering rendering = renderer.render(overlay, Canvas.of(SMALL));
    assertEquals(0.2, alpha(rendering, 100, 60), 1e-5);
    assertEquals(0.4, alpha(rendering, 67, 60), 1e-5);
  }

  @Test
  void gradientsRunAcrossTheBoxInTheirDirection() {
    Paint paint =
        new Paint.Linear(
            90,
            List.of(
                new Paint.Stop(0, app.diaphan.core.colour.Colour.parse("#000000")),
                new Paint.Stop(1, app.diaphan.core.colour.Colour.parse("#ffffff"))));
    Overlay overlay =
        Samples.overlay(SMALL, Samples.plate(RECTANGLE, Samples.centre(), 100, 100, paint));
    float[] pixels = renderer.render(overlay, Canvas.of(SMALL)).pixels();
    for (int y = 10; y < 110; y++) {
      assertEquals((y - 10 + 0.5) / 100, pixels[4 * (y * 200 + 100)], 1e-4);
    }
  }

  @ParameterizedTest
  @ValueSource(booleans = {false, true})
  void twiceTheSizeAveragedDownLooksLikeTheMaster(boolean withFinishes) {
    Frame half = Frame.of(640, 360);
    Overlay overlay = Samples.lowerThird(half);
    if (!withFinishes) {
      overlay = overlay.withStack(overlay.stack().subList(0, 2));
    }
    float[] master = renderer.render(overlay, Canvas.of(half)).pixels();
    float[] twice = renderer.render(overlay, Canvas.of(Frame.of(1280, 720))).pixels();
    double difference = 0;
    long drawn = 0;
    for (int y = 0; y < 360; y++) {
      for (int x = 0; x < 640; x++) {
        int at = 4 * (y * 640 + x);
        int from = 4 * (2 * y * 1280 + 2 * x);
        if (master[at + 3] > 0) {
          drawn += 4;
          for (int c = 0; c < 4; c++) {
            double mean =
                (twice[from + c]
                        + twice[from + 4 + c]
                        + twice[from + 4 * 1280 + c]
                        + twice[from + 4 * 1280 + 4 + c])
                    / 4.0;
            difference += Math.abs(mean - master[at + c]);
          }
        }
      }
    }
    assertTrue(drawn > 1000);
    assertTrue(difference / drawn <= 1.0 / 255, "differs by " + 255 * difference / drawn);
  }

  @Test
  void aPictureAtItsOwnSizeComesThroughUnchanged() {
    float[] pixels = new float[4 * 30 * 20];
    for (int i = 0; i < pixels.length; i += 4) {
      float alpha = (i % 37) / 36f;
      pixels[i] = alpha * (i % 11) / 10f;
      pixels[i + 1] = alpha * (i % 5) / 4f;
      pixels[i + 3] = alpha;
    }
    RasterPicture picture = new RasterPicture(30, 20, pixels, true);
    Renderer withPicture =
        new Renderer(ShippedFonts.shelf(), name -> Optional.of(picture), new RecentMemory(1 << 20));
    Piece piece =
        Samples.picture("pennant.png", Place.at(PinPoint.TOP_LEFT, Area.FRAME, 10, 10), 30, 20);
    float[] drawn = withPicture.render(Samples.overlay(SMALL, piece), Canvas.of(SMALL)).pixels();
    for (int y = 0; y < 20; y++) {
      float[] row = new float[120];
      System.arraycopy(drawn, 4 * ((y + 10) * 200 + 10), row, 0, 120);
      float[] expected = new float[120];
      System.arraycopy(pixels, 120 * y, expected, 0, 120);
      assertArrayEquals(expected, row, 1e-5f);
    }
  }

  /** A disc in a picture of clear corners: what lies under those is beside it, not under it. */
  @Test
  void aShadowIsHeldOutUnderWhatAPictureShowsAndNotUnderItsBox() {
    float[] pixels = new float[4 * 40 * 40];
    for (int i = 0; i < 1600; i++) {
      double radius = Math.hypot(i % 40 + 0.5 - 20, i / 40 + 0.5 - 20);
      float alpha = (float) Math.clamp(15.5 - radius, 0, 1);
      pixels[4 * i] = alpha;
      pixels[4 * i + 3] = alpha;
    }
    RasterPicture picture = new RasterPicture(40, 40, pixels, true);
    Renderer withPicture =
        new Renderer(ShippedFonts.shelf(), name -> Optional.of(picture), new RecentMemory(1 << 20));
    Shadow shadow =
        new Shadow(true, 0, 12, 0, 0, Samples.shadow(0, 0, 0, 0).colour(), 1, UnderFace.HELD_OUT);
    Piece piece =
        Samples.picture("disc.png", Place.at(PinPoint.TOP_LEFT, Area.FRAME, 50, 40), 40, 40)
            .withLook(Look.PLAIN.withFinishes(List.of(shadow)).withFaceOpacity(0.5));
    Rendering rendering = withPicture.render(Samples.overlay(SMALL, piece), Canvas.of(SMALL));
    assertEquals(0.5, alpha(rendering, 78, 60), 1e-3, "under the disc");
    assertEquals(1, alpha(rendering, 88, 60), 1e-3, "beside the disc, within its box");
  }

  @Test
  void whatIsRememberedLooksLikeWhatIsDrawnAnew() {
    Renderer remembering =
        new Renderer(ShippedFonts.shelf(), name -> Optional.empty(), new RecentMemory(1 << 26));
    Overlay overlay = Samples.lowerThird(SMALL);
    remembering.render(overlay, Canvas.of(SMALL));
    TextPiece name = (TextPiece) overlay.stack().getFirst();
    Overlay changed =
        overlay.withStack(
            List.of(name.withWords("Bo"), overlay.stack().get(1), overlay.stack().get(2)));
    assertArrayEquals(
        renderer.render(changed, Canvas.of(SMALL)).pixels(),
        remembering.render(changed, Canvas.of(SMALL)).pixels());
  }

  @Test
  void hiddenPiecesAreNotDrawnAndNotReportedOn() {
    Piece hidden =
        new PicturePiece(
            "p",
            "Pennant",
            false,
            false,
            Samples.centre(),
            "gone.png",
            1,
            CutOut.NONE,
            Tint.NONE,
            Crop.NOTHING,
            PictureFit.STRETCH,
            30,
            20,
            Look.PLAIN);
    Rendering rendering = renderer.render(Samples.overlay(SMALL, hidden), Canvas.of(SMALL));
    assertTrue(rendering.drawn().empty());
    assertTrue(rendering.troubles().isEmpty());
  }

  private static float alpha(Rendering rendering, int x, int y) {
    float[] row = new float[4 * rendering.canvas().width()];
    rendering.rows(y, y + 1, row);
    return row[4 * x + 3];
  }

  /** Abramowitz and Stegun 26.2.17. */
  private static double normal(double z) {
    double t = 1 / (1 + 0.2316419 * Math.abs(z));
    double tail =
        Math.exp(-z * z / 2)
            / Math.sqrt(2 * Math.PI)
            * t
            * (0.319381530
                + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
    return z >= 0 ? 1 - tail : tail;
  }
}
