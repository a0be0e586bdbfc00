package app.diaphan.core.deliver;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.file.BitDepth;
import app.diaphan.core.file.Carried;
import app.diaphan.core.file.FileKind;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.finish.Shadow;
import app.diaphan.core.overlay.finish.UnderFace;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.render.Canvas;
import java.awt.image.Raster;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The bars for delivered pixels, measured on files read by the JDK's own decoder. */
class QualityTest {
  private static final Frame FRAME = Frame.of(640, 360);
  private static final Target SIXTEEN_BITS =
      new Target(FRAME, FileKind.png().with(BitDepth.SIXTEEN));

  @TempDir Path folder;

  @ParameterizedTest
  @ValueSource(doubles = {0, 0.18, 0.5, 1})
  void sixteenBitFilesCompositeLikeTheRender(double backdrop) throws IOException {
    assertTrue(worst(SIXTEEN_BITS, backdrop, 0) <= 2.0 / 65535 + 1e-9);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, 0.18, 0.5, 1})
  void eightBitFilesCompositeLikeTheRender(double backdrop) throws IOException {
    Target target = new Target(FRAME, FileKind.png().withDither(false));
    assertTrue(worst(target, backdrop, 8.0 / 255) <= 1.0 / 255 + 1e-9);
  }

  /** The worst difference over the backdrop, where the file's alpha is not less than given. */
  private double worst(Target target, double backdrop, double leastAlpha) throws IOException {
    Overlay overlay = Samples.lowerThird(FRAME);
    double[] file = decoded(overlay, target);
    float[] drawn = Samples.renderer().render(overlay, Canvas.of(FRAME)).pixels();
    double worst = 0;
    for (int i = 0; i < file.length; i += 4) {
      double alpha = file[i + 3];
      if (alpha >= leastAlpha) {
        for (int c = 0; c < 3; c++) {
          double over = file[i + c] * alpha + backdrop * (1 - alpha);
          double ideal = drawn[i + c] + backdrop * (1 - drawn[i + 3]);
          worst = Math.max(worst, Math.abs(over - ideal));
        }
      }
    }
    return worst;
  }

  /** Nothing but one colour, with a see-through face that leaves the finish alone. */
  static Stream<Arguments> onePaint() {
    return Stream.concat(
        Stream.of(Arguments.of("no finish", List.of(), 1.0)),
        Samples.everyFinish("#e8a33d").stream()
            .flatMap(
                finish ->
                    Stream.of(
                        Arguments.of(finish.getClass().getSimpleName(), List.of(finish), 1.0),
                        Arguments.of(
                            finish.getClass().getSimpleName() + " alone", List.of(finish), 0.0))));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("onePaint")
  void halvingAFileWithStraightColoursShowsNoFringe(String name, List<Finish> finishes, double face)
      throws IOException {
    Look look = Look.PLAIN.withFinishes(finishes).withFaceOpacity(face);
    Overlay overlay =
        Samples.overlay(
            FRAME,
            Samples.text("words", "Slack Water 7&", Samples.centre(), 71, Samples.flat("#e8a33d"))
                .withLook(look),
            Samples.plate(
                    new PlateShape.Ellipse(),
                    Place.at(PinPoint.TOP_LEFT, Area.FRAME, 21.3, 17.8),
                    91,
                    71,
                    Samples.flat("#e8a33d"))
                .withLook(look));
    double[] file = decoded(overlay, SIXTEEN_BITS);
    float[] drawn = Samples.renderer().render(overlay, Canvas.of(FRAME)).pixels();
    int width = FRAME.width();
    double worst = 0;
    for (double backdrop : new double[] {0, 1}) {
      for (int y = 0; y < FRAME.height() - 1; y += 2) {
        for (int x = 0; x < width - 1; x += 2) {
          double alpha = mean(file, width, x, y, 3);
          double idealAlpha = mean(drawn, width, x, y, 3);
          for (int c = 0; c < 3; c++) {
            double over = mean(file, width, x, y, c) * alpha + backdrop * (1 - alpha);
            double ideal = mean(drawn, width, x, y, c) + backdrop * (1 - idealAlpha);
            worst = Math.max(worst, Math.abs(over - ideal));
          }
        }
      }
    }
    assertTrue(worst <= 2.0 / 255, "fringe of " + worst * 255 + "/255");
  }

  /** As an editor does it that scales straight colours and alphas by themselves. */
  @ParameterizedTest(name = "{0}")
  @EnumSource
  void reducingAFileMixesInNoBlack(Reduction.Filter filter) throws IOException {
    Overlay overlay =
        Samples.overlay(
            FRAME,
            Samples.text("words", "Slack Water 7&", Samples.centre(), 71, Samples.flat("#e8a33d")),
            Samples.plate(
                new PlateShape.Ellipse(),
                Place.at(PinPoint.TOP_LEFT, Area.FRAME, 21.3, 17.8),
                91,
                71,
                Samples.flat("#e8a33d")));
    double[] file = decoded(overlay, SIXTEEN_BITS);
    float[] drawn = Samples.renderer().render(overlay, Canvas.of(FRAME)).pixels();
    double[] ideal = new double[drawn.length];
    Arrays.setAll(ideal, i -> drawn[i]);
    for (int times : new int[] {2, 3, 4, 6, 8, 10, 12}) {
      Reduction reduction = new Reduction(filter, times);
      double[] small = reduction.of(file, FRAME.width(), FRAME.height());
      double[] truly = reduction.of(ideal, FRAME.width(), FRAME.height());
      double worst = 0;
      for (int i = 0; i < small.length; i += 4) {
        for (int c = 0; c < 3; c++) {
          worst = Math.max(worst, Math.abs(small[i + c] * small[i + 3] - truly[i + c]));
        }
      }
      assertTrue(worst <= 2.0 / 255, "1/" + times + " is off by " + worst * 255 + "/255");
    }
  }

  @Test
  void flatColoursStayFlatUnderDither() throws IOException {
    Overlay overlay =
        Samples.overlay(
            FRAME,
            Samples.plate(
                new PlateShape.Rectangle(), Samples.centre(), 100, 100, Samples.flat("#1d6a7880")));
    double[] file = decoded(overlay, Target.png(FRAME));
    for (int y = 140; y < 220; y++) {
      for (int x = 280; x < 360; x++) {
        int at = 4 * (y * FRAME.width() + x);
        assertEquals(0x1d / 255.0, file[at], 1e-9);
        assertEquals(0x80 / 255.0, file[at + 3], 1e-9);
      }
    }
  }

  /** 70 % is 178.5 of 255, which neither 178 nor 179 is: a flat takes one of them throughout. */
  @ParameterizedTest
  @MethodSource("eightBits")
  void flatsBetweenTwoStepsStayFlatToo(FileKind kind) throws IOException {
    Overlay overlay =
        Samples.overlay(
            FRAME,
            Samples.faced(
                Samples.plate(
                    new PlateShape.Rectangle(),
                    Samples.centre(),
                    100,
                    100,
                    Samples.flat("#1d6a78")),
                1,
                0.7));
    double[] file = decoded(overlay, new Target(FRAME, kind));
    int middle = 4 * (180 * FRAME.width() + 320);
    for (int y = 130; y < 230; y++) {
      for (int x = 270; x < 370; x++) {
        for (int c = 0; c < 4; c++) {
          assertEquals(file[middle + c], file[4 * (y * FRAME.width() + x) + c], x + ", " + y);
        }
      }
    }
  }

  static Stream<FileKind> eightBits() {
    return Stream.of(
        FileKind.png(), FileKind.tiff().with(BitDepth.EIGHT).with(Carried.PREMULTIPLIED));
  }

  /** A fade of alpha over 300 px has bands four pixels wide, unless it is dithered. */
  @Test
  void softRampsAreDithered() throws IOException {
    Paint fade =
        new Paint.Linear(
            0,
            0,
            1,
            List.of(
                new Paint.Stop(0, Colour.parse("#1d6a7800")),
                new Paint.Stop(1, Colour.parse("#1d6a7850"))));
    Overlay overlay =
        Samples.overlay(
            FRAME, Samples.plate(new PlateShape.Rectangle(), Samples.centre(), 320, 100, fade));
    double[] file = decoded(overlay, Target.png(FRAME));
    int different = 0;
    for (int x = 200; x < 440; x++) {
      int at = 4 * (180 * FRAME.width() + x) + 3;
      different += file[at] == file[at + 4 * FRAME.width()] ? 0 : 1;
    }
    assertTrue(different > 40, different + " of 240 differ from the row below");
  }

  @Test
  void ditheredRampsKeepTheirMeanAndPlainOnesTheirSteps() throws IOException {
    Overlay overlay =
        Samples.overlay(
            FRAME,
            Samples.plate(
                new PlateShape.Rectangle(),
                Samples.centre(),
                40,
                40,
                Samples.flat("#000000"),
                new Shadow(
                    true,
                    0,
                    0,
                    160,
                    0,
                    Samples.shadow(0, 0, 0, 0).colour(),
                    0.05,
                    UnderFace.AUTOMATIC)));
    double[] dithered = decoded(overlay, Target.png(FRAME));
    float[] drawn = Samples.renderer().render(overlay, Canvas.of(FRAME)).pixels();
    double sum = 0;
    double ideal = 0;
    for (int y = 96; y < 128; y++) {
      for (int x = 240; x < 272; x++) {
        sum += dithered[4 * (y * FRAME.width() + x) + 3];
        ideal += drawn[4 * (y * FRAME.width() + x) + 3];
      }
    }
    assertEquals(ideal / 1024, sum / 1024, 0.1 / 255);
  }

  private double[] decoded(Overlay overlay, Target target) throws IOException {
    Delivered delivered =
        new Deliverer(Samples.renderer(), Sidecar::toString)
            .deliver(overlay, target, folder, "file", Progress.NONE)
            .getFirst();
    Raster raster = ImageIO.read(delivered.file().toFile()).getRaster();
    double[] samples =
        raster.getPixels(0, 0, raster.getWidth(), raster.getHeight(), (double[]) null);
    for (int i = 0; i < samples.length; i++) {
      samples[i] /= target.file().depth().most();
    }
    return samples;
  }

  private static double mean(double[] pixels, int width, int x, int y, int channel) {
    int at = 4 * (y * width + x) + channel;
    return (pixels[at] + pixels[at + 4] + pixels[at + 4 * width] + pixels[at + 4 * width + 4]) / 4;
  }

  private static double mean(float[] pixels, int width, int x, int y, int channel) {
    int at = 4 * (y * width + x) + channel;
    return ((double) pixels[at]
            + pixels[at + 4]
            + pixels[at + 4 * width]
            + pixels[at + 4 * width + 4])
        / 4;
  }
}
