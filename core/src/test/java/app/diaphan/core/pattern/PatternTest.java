package app.diaphan.core.pattern;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.overlay.paint.Pattern;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.render.Canvas;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PatternTest {
  private static final int SIZE = 120;
  private static final Frame FRAME = Frame.of(SIZE, SIZE);

  /** Everything filled with white on black. */
  private static float[] drawn(Paint.Patterned paint, double scale) {
    return Samples.renderer()
        .render(
            Samples.overlay(
                FRAME,
                Samples.plate(
                    new PlateShape.Rectangle(),
                    Place.at(PinPoint.TOP_LEFT, Area.FRAME, 0, 0),
                    SIZE,
                    SIZE,
                    paint)),
            Canvas.scaled(FRAME, scale))
        .pixels();
  }

  private static Paint.Patterned whiteOnBlack(
      Pattern pattern, double width, double turn, double right) {
    return new Paint.Patterned(pattern, width, turn, right, 0, Colour.WHITE, Colour.BLACK);
  }

  private static double mean(float[] pixels) {
    double sum = 0;
    for (int i = 0; i < pixels.length; i += 4) {
      sum += pixels[i];
    }
    return sum / (pixels.length / 4.0);
  }

  @ParameterizedTest
  @EnumSource(Pattern.class)
  void bothColoursAreSeenAndNoOthers(Pattern pattern) {
    float[] pixels = drawn(whiteOnBlack(pattern, 60, 0, 0), 1);
    double mean = mean(pixels);
    assertTrue(mean > 0.1 && mean < 0.9, "inked share " + mean);
    float least = 1;
    float most = 0;
    for (int i = 0; i < pixels.length; i += 4) {
      assertEquals(pixels[i], pixels[i + 1], 1e-6);
      assertEquals(1, pixels[i + 3], 1e-6);
      least = Math.min(least, pixels[i]);
      most = Math.max(most, pixels[i]);
    }
    assertTrue(least < 0.2 && most > 0.8, least + " to " + most);
  }

  /** One repetition further on everything is as it was, so there is no seam. */
  @ParameterizedTest
  @EnumSource(Pattern.class)
  void aRepetitionFurtherOnItIsTheSame(Pattern pattern) {
    float[] here = drawn(whiteOnBlack(pattern, 60, 0, 0), 1);
    float[] moved = drawn(whiteOnBlack(pattern, 60, 0, 60), 1);
    for (int i = 0; i < here.length; i++) {
      int value = i;
      assertEquals(here[i], moved[i], 2e-3, () -> "value " + value);
    }
  }

  /** What lies on both sides of a tile's edge differs no more than what lies within. */
  @ParameterizedTest
  @EnumSource(Pattern.class)
  void aTileMeetsItself(Pattern pattern) {
    RasterPicture tile = PatternTile.of(pattern, 256).picture();
    double within = 0;
    for (int x = 1; x < tile.width(); x++) {
      within = Math.max(within, columnStep(tile, x - 1, x));
    }
    double atSeam = columnStep(tile, tile.width() - 1, 0);
    // An edge within may be shared by two columns.
    assertTrue(atSeam <= 2.1 * within + 1e-6, atSeam + " at the seam, " + within + " within");
  }

  private static double columnStep(RasterPicture tile, int x, int next) {
    double sum = 0;
    for (int y = 0; y < tile.height(); y++) {
      sum += step(tile, x, y, next, y);
    }
    return sum;
  }

  private static double step(RasterPicture tile, int x, int y, int otherX, int otherY) {
    return Math.abs(
        tile.value(4 * (y * tile.width() + x) + 3)
            - tile.value(4 * (otherY * tile.width() + otherX) + 3));
  }

  /** Drawn twice as large and averaged it is what it is at its own size. */
  @ParameterizedTest
  @EnumSource(Pattern.class)
  void itLooksAlikeAtEverySize(Pattern pattern) {
    Paint.Patterned paint = whiteOnBlack(pattern, 48, 20, 0);
    float[] once = drawn(paint, 1);
    float[] twice = drawn(paint, 2);
    double difference = 0;
    for (int y = 0; y < SIZE; y++) {
      for (int x = 0; x < SIZE; x++) {
        int at = 4 * (2 * y * 2 * SIZE + 2 * x);
        double mean =
            (twice[at] + twice[at + 4] + twice[at + 8 * SIZE] + twice[at + 8 * SIZE + 4]) / 4;
        difference += Math.abs(mean - once[4 * (y * SIZE + x)]);
      }
    }
    difference /= SIZE * SIZE;
    assertTrue(difference < 0.04, "mean difference " + difference);
  }

  @Test
  void stripesAreHalfAndHalfAndTurn() {
    float[] lying = drawn(whiteOnBlack(Pattern.STRIPES, 40, 0, 0), 1);
    for (int y = 0; y < SIZE; y++) {
      double expected = y % 40 < 20 ? 1 : 0;
      boolean edge = y % 20 == 0 || y % 20 == 19;
      assertEquals(expected, lying[4 * (y * SIZE + 100)], edge ? 0.51 : 0.01, "row " + y);
    }
    float[] standing = drawn(whiteOnBlack(Pattern.STRIPES, 40, 90, 0), 1);
    assertEquals(0, standing[4 * (100 * SIZE + 10)], 0.01);
    assertEquals(1, standing[4 * (100 * SIZE + 30)], 0.01);
  }

  @Test
  void aClearGroundLetsThrough() {
    float[] pixels =
        drawn(
            new Paint.Patterned(
                Pattern.STRIPES, 40, 0, 0, 0, Colour.WHITE, Colour.parse("#00000000")),
            1);
    assertEquals(1, pixels[4 * (10 * SIZE + 5) + 3], 0.01);
    assertEquals(0, pixels[4 * (30 * SIZE + 5) + 3], 0.01);
  }

  @Test
  void noTwoPatternsAreAlike() {
    float[][] all =
        Arrays.stream(Pattern.values())
            .map(pattern -> drawn(whiteOnBlack(pattern, 60, 0, 0), 0.5))
            .toArray(float[][]::new);
    for (int i = 0; i < all.length; i++) {
      for (int j = i + 1; j < all.length; j++) {
        assertTrue(
            !Arrays.equals(all[i], all[j]), Pattern.values()[i] + " and " + Pattern.values()[j]);
      }
    }
  }

  @Test
  void aRepetitionHasAtLeastAUnit() {
    assertThrows(InvalidInput.class, () -> whiteOnBlack(Pattern.DOTS, 0.5, 0, 0));
    Paint small = whiteOnBlack(Pattern.DOTS, 2, 0, 0).scaled(0.01);
    assertEquals(1, ((Paint.Patterned) small).width());
  }
}
