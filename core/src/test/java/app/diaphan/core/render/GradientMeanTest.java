package app.diaphan.core.render;

import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.paint.Paint;
import java.util.List;
import java.util.function.DoubleBinaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every pixel of a gradient shows its mean over the pixel, found here by many samples. */
class GradientMeanTest {
  private static final int WIDTH = 64;
  private static final int HEIGHT = 48;
  private static final Frame FRAME = Frame.of(WIDTH, HEIGHT);
  private static final Place CORNER = Place.at(PinPoint.TOP_LEFT, Area.FRAME, 0, 0);

  /** Black, a hard white band, then a steep ramp back. */
  private static final List<Paint.Stop> BAND =
      List.of(
          new Paint.Stop(0, Colour.BLACK),
          new Paint.Stop(0.37, Colour.BLACK),
          new Paint.Stop(0.37, Colour.WHITE),
          new Paint.Stop(0.61, Colour.WHITE),
          new Paint.Stop(0.68, Colour.BLACK),
          new Paint.Stop(1, Colour.BLACK));

  private static final int SAMPLES = 128;

  private static double band(double position) {
    return position < 0.37 || position >= 0.68
        ? 0
        : position < 0.61 ? 1 : 1 - (position - 0.61) / 0.07;
  }

  private static float[] painted(Paint paint) {
    return Samples.renderer()
        .render(
            Samples.overlay(
                FRAME, Samples.plate(new PlateShape.Rectangle(), CORNER, WIDTH, HEIGHT, paint)),
            Canvas.of(FRAME))
        .pixels();
  }

  /** The worst that a pixel is off, in 255ths. */
  private static double worst(float[] pixels, DoubleBinaryOperator exact) {
    double worst = 0;
    for (int y = 0; y < HEIGHT; y++) {
      for (int x = 0; x < WIDTH; x++) {
        // Where no sample of a coarse look differs, none of a fine one would.
        int samples = differs(exact, x, y) ? SAMPLES : 8;
        double sum = 0;
        for (int j = 0; j < samples; j++) {
          for (int i = 0; i < samples; i++) {
            sum += exact.applyAsDouble(x + (i + 0.5) / samples, y + (j + 0.5) / samples);
          }
        }
        double mean = sum / samples / samples;
        worst = Math.max(worst, Math.abs(mean - pixels[4 * (y * WIDTH + x)]));
      }
    }
    return 255 * worst;
  }

  private static boolean differs(DoubleBinaryOperator exact, int x, int y) {
    double least = 1;
    double most = 0;
    for (int i = 0; i < 81; i++) {
      double value = exact.applyAsDouble(x + i % 9 / 8.0, y + i / 9 / 8.0);
      least = Math.min(least, value);
      most = Math.max(most, value);
    }
    return most > least;
  }

  @ParameterizedTest
  @ValueSource(doubles = {0, 0.01, 17, 45, 90, 133.7, 270})
  void linear(double degrees) {
    double across = Math.cos(Math.toRadians(degrees));
    double down = Math.sin(Math.toRadians(degrees));
    double length = Math.abs(across) * WIDTH + Math.abs(down) * HEIGHT;
    float[] pixels = painted(new Paint.Linear(degrees, 0, 1, BAND));
    DoubleBinaryOperator exact =
        (x, y) -> band(((x - WIDTH / 2.0) * across + (y - HEIGHT / 2.0) * down) / length + 0.5);
    assertEquals(0, worst(pixels, exact), 1);
  }

  @ParameterizedTest
  @ValueSource(doubles = {1, 0.3, 0.08})
  void radial(double radius) {
    double reach = radius * Math.hypot(WIDTH, HEIGHT) / 2;
    float[] pixels = painted(new Paint.Radial(0.4, 0.52, radius, false, BAND));
    DoubleBinaryOperator exact =
        (x, y) -> band(Math.hypot(x - 0.4 * WIDTH, y - 0.52 * HEIGHT) / reach);
    assertEquals(0, worst(pixels, exact), 1);
  }

  @Test
  void stretchedRadial() {
    double half = 0.7 * Math.sqrt(0.5);
    float[] pixels = painted(new Paint.Radial(0.5, 0.5, 0.7, true, BAND));
    DoubleBinaryOperator exact =
        (x, y) ->
            band(
                Math.hypot(
                    (x - 0.5 * WIDTH) / (half * WIDTH), (y - 0.5 * HEIGHT) / (half * HEIGHT)));
    assertEquals(0, worst(pixels, exact), 1);
  }

  /** With its seam and its middle. */
  @ParameterizedTest
  @ValueSource(doubles = {0, 30, 200})
  void conic(double degrees) {
    List<Paint.Stop> whiteFirst =
        List.of(
            new Paint.Stop(0, Colour.WHITE),
            new Paint.Stop(0.4, Colour.WHITE),
            new Paint.Stop(0.4, Colour.BLACK),
            new Paint.Stop(1, Colour.BLACK));
    float[] pixels = painted(new Paint.Conic(0.45, 0.5, degrees, whiteFirst));
    DoubleBinaryOperator exact =
        (x, y) -> {
          double turn =
              (Math.toDegrees(Math.atan2(y - 0.5 * HEIGHT, x - 0.45 * WIDTH)) - degrees) / 360;
          return turn - Math.floor(turn) < 0.4 ? 1 : 0;
        };
    assertEquals(0, worst(pixels, exact), 1);
  }
}
