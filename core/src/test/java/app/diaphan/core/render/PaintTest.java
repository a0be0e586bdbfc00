package app.diaphan.core.render;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.Crop;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.paint.PictureFit;
import app.diaphan.core.picture.RasterPicture;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Paints against their formulas, on a plate of 100 × 60 from the frame's corner. */
class PaintTest {
  private static final Frame FRAME = Frame.of(100, 60);
  private static final Place CORNER = Place.at(PinPoint.TOP_LEFT, Area.FRAME, 0, 0);
  private static final List<Paint.Stop> BLACK_TO_WHITE =
      List.of(new Paint.Stop(0, Colour.BLACK), new Paint.Stop(1, Colour.WHITE));

  /** Left half red, right half blue. */
  private static final RasterPicture HALVES = halves(40, 20);

  private static RasterPicture halves(int width, int height) {
    float[] pixels = new float[4 * width * height];
    for (int i = 0; i < width * height; i++) {
      pixels[4 * i + (i % width < width / 2 ? 0 : 2)] = 1;
      pixels[4 * i + 3] = 1;
    }
    return new RasterPicture(width, height, pixels, false);
  }

  private static float[] drawn(Overlay overlay) {
    return new Renderer(
            ShippedFonts.shelf(),
            name -> name.equals("halves.png") ? Optional.of(HALVES) : Optional.empty(),
            Memory.NONE)
        .render(overlay, Canvas.of(FRAME))
        .pixels();
  }

  private static float[] painted(Paint paint) {
    return drawn(
        Samples.overlay(FRAME, Samples.plate(new PlateShape.Rectangle(), CORNER, 100, 60, paint)));
  }

  private static float at(float[] pixels, int x, int y, int channel) {
    return pixels[4 * (y * 100 + x) + channel];
  }

  @Test
  void aLinearGradientStartsAndEndsWhereItSays() {
    float[] pixels = painted(new Paint.Linear(0, 0.25, 0.75, BLACK_TO_WHITE));
    for (int x = 0; x < 100; x++) {
      double expected = Math.clamp((x + 0.5 - 25) / 50, 0.0, 1.0);
      assertEquals(expected, at(pixels, x, 30, 0), 1e-5, "at " + x);
    }
    float[] back = painted(new Paint.Linear(0, 1, 0, BLACK_TO_WHITE));
    assertEquals(1 - 10.5 / 100, at(back, 10, 30, 0), 1e-5);
    assertEquals(1, at(painted(new Paint.Linear(0, 0.5, 0.5, BLACK_TO_WHITE)), 3, 3, 0));
  }

  @Test
  void aRadialGradientIsTheDistance() {
    float[] pixels = painted(new Paint.Radial(0.5, 0.5, 1, false, BLACK_TO_WHITE));
    double reach = Math.hypot(100, 60) / 2;
    for (int x = 0; x < 100; x += 7) {
      for (int y = 0; y < 60; y += 7) {
        double distance = Math.hypot(x + 0.5 - 50, y + 0.5 - 30) / reach;
        assertEquals(distance, at(pixels, x, y, 1), 1e-3);
      }
    }
    float[] stretched = painted(new Paint.Radial(0.5, 0.5, 1, true, BLACK_TO_WHITE));
    assertEquals(
        at(stretched, 80, 30, 0), at(stretched, 50, 48, 0), 0.02, "drawn out with the box");
  }

  @Test
  void aConicGradientIsTheAngle() {
    float[] pixels = painted(new Paint.Conic(0.5, 0.5, 90, BLACK_TO_WHITE));
    for (int x = 1; x < 100; x += 9) {
      for (int y = 1; y < 60; y += 9) {
        double turn =
            (Math.toDegrees(Math.atan2(y + 0.5 - 30, x + 0.5 - 50)) - 90 + 720) % 360 / 360;
        if (turn > 0.02 && turn < 0.98) {
          assertEquals(turn, at(pixels, x, y, 0), 1e-5, x + ", " + y);
        }
      }
    }
  }

  @Test
  void aTextureRepeats() {
    float[] pixels = painted(new Paint.Texture("halves.png", 20, 0, 5, 0));
    for (int x = 0; x < 100; x++) {
      int within = Math.floorMod(x - 5, 20);
      if (within > 0 && within < 9) {
        assertEquals(1, at(pixels, x, 20, 0), 0.02, "red at " + x);
      } else if (within > 10 && within < 19) {
        assertEquals(1, at(pixels, x, 20, 2), 0.02, "blue at " + x);
      }
    }
  }

  @Test
  void aPictureFitsTheBoxAsAsked() {
    float[] contained = painted(new Paint.Pictured("halves.png", PictureFit.CONTAIN));
    // 40 × 20 in 100 × 60: 100 × 50, five rows left over above and below.
    assertEquals(0, at(contained, 20, 3, 3));
    assertEquals(1, at(contained, 20, 6, 0), 1e-5);
    float[] covering = painted(new Paint.Pictured("halves.png", PictureFit.COVER));
    assertEquals(1, at(covering, 20, 1, 0), 1e-5);
    float[] stretched = painted(new Paint.Pictured("halves.png", PictureFit.STRETCH));
    assertEquals(1, at(stretched, 98, 58, 2), 1e-5);
  }

  @Test
  void aPaintWhosePictureIsGonePreventsDelivery() {
    Overlay overlay =
        Samples.overlay(
            FRAME,
            Samples.plate(
                new PlateShape.Rectangle(),
                CORNER,
                100,
                60,
                new Paint.Texture("gone.png", 20, 0, 0, 0)));
    var troubles = Samples.renderer().render(overlay, Canvas.of(FRAME)).troubles();
    assertTrue(troubles.getFirst().prevents());
    assertTrue(troubles.getFirst().sentence().contains("gone.png"));
  }

  @Test
  void aCroppedPictureShowsWhatIsLeft() {
    PicturePiece whole = Samples.picture("halves.png", CORNER, 100, 60);
    PicturePiece right =
        new PicturePiece(
            whole.id(),
            whole.name(),
            true,
            false,
            CORNER,
            whole.picture(),
            1,
            CutOut.NONE,
            Tint.NONE,
            new Crop(0.5, 0, 0, 0),
            PictureFit.STRETCH,
            100,
            60,
            Look.PLAIN);
    float[] pixels = drawn(Samples.overlay(FRAME, right));
    assertEquals(1, at(pixels, 10, 30, 2), 1e-5, "blue alone");
    assertEquals(0, at(pixels, 10, 30, 0), 1e-5);
  }

  @Test
  void aRunOfItsOwnColourIsThatColour() {
    TextPiece text = Samples.text("t", "", CORNER, 50, Samples.flat("#0000ff"));
    Run.Ink red = new Run.Ink.Own(Colour.parse("#ff0000"));
    float[] pixels =
        drawn(
            Samples.overlay(
                FRAME,
                text.withRuns(
                    List.of(
                        Run.of("I", "Work Sans", 900, 50),
                        new Run("I", "Work Sans", 900, List.of(), 50, 0, red, "")))));
    double[] sums = new double[3];
    for (int i = 0; i < pixels.length; i += 4) {
      sums[0] += pixels[i];
      sums[1] += pixels[i + 1];
      sums[2] += pixels[i + 2];
    }
    assertEquals(sums[0], sums[2], sums[0] * 0.02, "as much of each");
    assertEquals(0, sums[1], 1e-6);
    assertTrue(sums[0] > 100);
  }
}
