package app.diaphan.core.check;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.frame.Scan;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.core.targets.TargetList;
import java.util.EnumSet;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Numbers that decide checks, on pieces that lie on whole pixels. */
class CheckLimitsTest {
  private static final Frame HD = Frame.of(1920, 1080);
  private static final Frame INTERLACED =
      new Frame(
          1920,
          1080,
          HD.pixelAspect(),
          Scan.INTERLACED,
          HD.safeAreas(),
          HD.ownMargin(),
          Frame.COMMON_DOTS,
          1080);

  private static List<Finding> found(CheckKind kind, Overlay overlay, TargetList targets) {
    return ProofChecks.of(Samples.renderer(), overlay, List.of(), targets, EnumSet.of(kind));
  }

  private static List<String> found(CheckKind kind, Frame frame, Piece... pieces) {
    return found(kind, Samples.overlay(frame, pieces), TargetList.AS_DESIGNED).stream()
        .map(Finding::sentence)
        .toList();
  }

  private static Piece plate(double width, double height, Paint paint) {
    return Samples.plate(
        new PlateShape.Rectangle(),
        Place.at(PinPoint.TOP_LEFT, Area.FRAME, 200, 100),
        width,
        height,
        paint);
  }

  private static Piece line(int width, int height, String colour) {
    return plate(width, height, Samples.flat(colour));
  }

  @ParameterizedTest
  @CsvSource({
    // Longer than three hundredths of the frame: 57.6 pixels.
    "58, 1, #ffffff, 1",
    "57, 1, #ffffff, 0",
    "400, 2, #ffffff, 0",
    // Against mid-grey, by the weights of Rec. 709: red 0.29 darker, green 0.22 lighter.
    "400, 1, #ff0000, 1",
    "400, 1, #00ff00, 1",
    "400, 1, #0000ff, 1",
    "400, 1, #ff00ff, 1",
    "400, 1, #999999, 0",
    "400, 1, #c0c0c0, 1",
    "400, 1, #4d4d4d, 0",
    "400, 1, #4c4c4c, 1",
    // Half as solid, half as far off.
    "400, 1, #ffffff80, 1",
    "400, 1, #ffffff64, 0",
    "400, 1, #ff0000a8, 0",
    "400, 1, #00ff00e0, 0",
    "400, 1, #ff00ffc0, 0"
  })
  void aLineOfOneRowFlickersIfItIsLongAndStandsOut(
      int width, int height, String colour, int findings) {
    assertEquals(
        findings, found(CheckKind.THIN_LINES, INTERLACED, line(width, height, colour)).size());
    assertEquals(List.of(), found(CheckKind.THIN_LINES, HD, line(width, height, colour)));
  }

  /** A ramp of greys from black up to a level, across or down a plate. */
  private static Piece ramp(int length, int levels, boolean down) {
    Colour most = new Colour(levels, levels, levels, 255);
    Paint paint =
        new Paint.Linear(
            down ? 90 : 0, 0, 1, List.of(new Paint.Stop(0, Colour.BLACK), new Paint.Stop(1, most)));
    return plate(down ? 40 : length, down ? length : 40, paint);
  }

  private static List<String> bands(Piece piece) {
    TargetList plain =
        new TargetList(
            List.of(
                new NamedTarget(
                    "Plain",
                    TargetList.AS_DESIGNED.targets().getFirst().frame(),
                    FileKind.png().withDither(false),
                    TargetList.AS_DESIGNED.targets().getFirst().pattern(),
                    TargetList.AS_DESIGNED.targets().getFirst().ifThere())));
    return found(CheckKind.BANDING, Samples.overlay(HD, piece), plain).stream()
        .map(Finding::sentence)
        .toList();
  }

  @Test
  void aRampShowsBandsOnceItsStepsAreWide() {
    String told =
        "Soft ramps will show bands of up to %d px at \"Plain\", which has 8 bits and is not dithered.";
    for (boolean down : new boolean[] {false, true}) {
      assertEquals(List.of(told.formatted(20)), bands(ramp(320, 16, down)), "down " + down);
      assertEquals(List.of(told.formatted(10)), bands(ramp(160, 16, down)), "down " + down);
      assertEquals(List.of(), bands(ramp(144, 16, down)), "down " + down);
      // Five steps that lie between others are a ramp, four are not.
      assertEquals(1, bands(ramp(140, 7, down)).size(), "down " + down);
      assertEquals(List.of(), bands(ramp(80, 4, down)), "down " + down);
    }
  }

  @Test
  void whatIsHardlySolidOrHardlyThereIsNearlyInvisible() {
    assertEquals(
        List.of("\"Plate\" is at most 4 % solid and hardly seen."),
        found(CheckKind.NEARLY_INVISIBLE, HD, line(40, 40, "#ffffff0a")));
    assertEquals(List.of(), found(CheckKind.NEARLY_INVISIBLE, HD, line(40, 40, "#ffffff0e")));
    assertEquals(List.of(), found(CheckKind.NEARLY_INVISIBLE, HD, line(3, 2, "#ffffff")));
    assertEquals(List.of(), found(CheckKind.NEARLY_INVISIBLE, HD, line(2, 3, "#ffffff")));
    assertEquals(
        List.of("Nothing of \"Plate\" lies on the frame that could be seen."),
        found(CheckKind.NEARLY_INVISIBLE, HD, line(2, 2, "#ffffff")));
    assertEquals(
        List.of(),
        found(CheckKind.NEARLY_INVISIBLE, HD, Samples.group("group", Samples.centre(), 1)));
  }

  /** The mean stray of the letters' colour differences, reckoned from all pixels at once. */
  private static double strays(Overlay overlay) {
    float[] pixels = Samples.renderer().render(overlay, Canvas.of(overlay.frame())).pixels();
    int width = overlay.frame().width();
    double sum = 0;
    int letters = 0;
    for (int y = 0; y < overlay.frame().height(); y += 2) {
      for (int x = 0; x < width; x += 2) {
        double[][] chroma = new double[4][];
        double[] mean = new double[2];
        for (int i = 0; i < 4; i++) {
          int at = 4 * ((y + i / 2) * width + x + i % 2);
          double[] rgb = new double[3];
          for (int c = 0; c < 3; c++) {
            rgb[c] = pixels[at + c] + 0.5 * (1 - pixels[at + 3]);
          }
          // Rec. ITU-R BT.709, 3.2 to 3.3.
          double light = 0.2126 * rgb[0] + 0.7152 * rgb[1] + 0.0722 * rgb[2];
          chroma[i] = new double[] {(rgb[2] - light) / 1.8556, (rgb[0] - light) / 1.5748};
          mean[0] += chroma[i][0] / 4;
          mean[1] += chroma[i][1] / 4;
        }
        for (int i = 0; i < 4; i++) {
          if (pixels[4 * ((y + i / 2) * width + x + i % 2) + 3] >= 0.5f) {
            sum += Math.hypot(chroma[i][0] - mean[0], chroma[i][1] - mean[1]);
            letters++;
          }
        }
      }
    }
    return letters == 0 ? 0 : sum / letters;
  }

  @ParameterizedTest
  @CsvSource({
    "24, #ff0000",
    "24, #0000ff",
    "24, #00ff00",
    "17, #ff00ff",
    "30, #ff2010",
    "140, #ff0000",
    "24, #ffffff",
    "24, #c05040"
  })
  void smallSaturatedWordsAreSmearedByAsMuchAsIsSaid(double size, String colour) {
    for (double offset : new double[] {0, 1}) {
      Overlay overlay =
          Samples.overlay(
              Frame.of(640, 360),
              Samples.text(
                  "t",
                  "Osier Point",
                  Place.at(PinPoint.TOP_LEFT, Area.FRAME, 31 + offset, 40 + offset),
                  size,
                  Samples.flat(colour)));
      double strays = strays(overlay);
      List<Finding> found = found(CheckKind.SMEARED_COLOURS, overlay, TargetList.AS_DESIGNED);
      assertEquals(strays > 0.06, !found.isEmpty(), "strays by " + strays);
      if (!found.isEmpty()) {
        assertEquals(
            "The strong colour of \"t\" is smeared by %d %% where a video keeps colour coarsely."
                .formatted(Math.round(100 * strays)),
            found.getFirst().sentence());
      }
    }
  }

  @Test
  void platesAreNotSmearedLikeWords() {
    assertTrue(found(CheckKind.SMEARED_COLOURS, HD, line(3, 3, "#ff0000")).isEmpty());
  }
}
