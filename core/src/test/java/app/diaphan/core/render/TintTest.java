package app.diaphan.core.render;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Samples;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.font.shelf.ShippedFonts;
import app.diaphan.core.frame.Area;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.RasterPicture;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class TintTest {
  private static final Frame FRAME = Frame.of(100, 40);

  /** Red on the left, half-clear blue on the right. */
  private static RasterPicture halves() {
    float[] pixels = new float[4 * 100 * 40];
    for (int i = 0; i < 4000; i++) {
      boolean left = i % 100 < 50;
      pixels[4 * i] = left ? 1 : 0;
      pixels[4 * i + 2] = left ? 0 : 0.5f;
      pixels[4 * i + 3] = left ? 1 : 0.5f;
    }
    return new RasterPicture(100, 40, pixels, true);
  }

  private static final Picture VECTOR =
      PictureReader.read(
          "v.svg",
          "<svg xmlns='http://www.w3.org/2000/svg' width='100' height='40'><rect width='50' height='40' fill='#ff0000'/><rect x='50' width='50' height='40' fill='#0000ff' fill-opacity='0.5'/></svg>"
              .getBytes(StandardCharsets.UTF_8));

  private static float[] drawn(Picture picture, Tint tint) {
    Renderer renderer =
        new Renderer(ShippedFonts.shelf(), name -> Optional.of(picture), Memory.NONE);
    Place corner = Place.at(PinPoint.TOP_LEFT, Area.FRAME, 0, 0);
    return renderer
        .render(
            Samples.overlay(FRAME, Samples.picture("p", corner, 100, 40).withTint(tint)),
            Canvas.of(FRAME))
        .pixels();
  }

  private static void assertPixel(float[] pixels, int x, double r, double g, double b, double a) {
    double[] expected = {r * a, g * a, b * a, a};
    for (int c = 0; c < 4; c++) {
      assertEquals(expected[c], pixels[4 * (20 * 100 + x) + c], 2.0 / 255, x + " of " + c);
    }
  }

  private static Tint.Adjusted adjusted(
      double low, double high, double middle, boolean inverted, double hue, double sat, double l) {
    return new Tint.Adjusted(low, high, middle, inverted, hue, sat, l);
  }

  @Test
  void oneColourKeepsTheAlpha() {
    for (Picture picture : List.of(halves(), VECTOR)) {
      float[] pixels = drawn(picture, new Tint.OneColour(Colour.parse("#ff8000")));
      assertPixel(pixels, 20, 1, 128 / 255.0, 0, 1);
      assertPixel(pixels, 80, 1, 128 / 255.0, 0, 0.5);
      float[] thin = drawn(picture, new Tint.OneColour(Colour.parse("#ff800080")));
      assertPixel(thin, 80, 1, 128 / 255.0, 0, 0.5 * 128 / 255);
    }
  }

  @Test
  void aGradientRunsAcrossThePicture() {
    Tint tint =
        new Tint.Gradient(
            0, List.of(new Paint.Stop(0, Colour.BLACK), new Paint.Stop(1, Colour.WHITE)));
    for (Picture picture : List.of(halves(), VECTOR)) {
      float[] pixels = drawn(picture, tint);
      assertPixel(pixels, 25, 0.255, 0.255, 0.255, 1);
      assertPixel(pixels, 75, 0.755, 0.755, 0.755, 0.5);
    }
  }

  @Test
  void coloursAreAdjustedOneByOne() {
    RasterPicture given = halves();
    assertPixel(drawn(given, adjusted(0, 1, 1, true, 0, 1, 0)), 80, 1, 1, 0, 0.5);
    assertPixel(drawn(given, adjusted(0, 1, 1, false, 120, 1, 0)), 20, 0, 1, 0, 1);
    assertPixel(drawn(given, adjusted(0, 1, 1, false, -60, 1, 0)), 20, 1, 0, 1, 1);
    assertPixel(drawn(given, adjusted(0, 1, 1, false, 0, 0, 0)), 20, 0.5, 0.5, 0.5, 1);
    assertPixel(drawn(given, adjusted(0, 1, 1, false, 0, 1, 0.5)), 20, 1, 0.5, 0.5, 1);
    assertPixel(drawn(given, adjusted(0, 1, 1, false, 0, 1, -0.5)), 20, 0.5, 0, 0, 1);
    RasterPicture grey = greys(0.4f);
    assertPixel(drawn(grey, adjusted(0.2, 0.6, 1, false, 0, 1, 0)), 20, 0.5, 0.5, 0.5, 1);
    assertPixel(drawn(grey, adjusted(0, 1, 2, false, 0, 1, 0)), 20, 0.16, 0.16, 0.16, 1);
  }

  private static RasterPicture greys(float tone) {
    float[] pixels = new float[4 * 100 * 40];
    Arrays.fill(pixels, tone);
    for (int i = 3; i < pixels.length; i += 4) {
      pixels[i] = 1;
    }
    return new RasterPicture(100, 40, pixels, false);
  }

  @Test
  void aVectorsColourIsReplacedExactlyAndARastersByNearness() {
    Tint tint =
        new Tint.Replaced(
            List.of(new Tint.Replacement(Colour.parse("#0000ff"), Colour.parse("#20c040"))));
    for (Picture picture : List.of(halves(), VECTOR)) {
      float[] pixels = drawn(picture, tint);
      assertPixel(pixels, 20, 1, 0, 0, 1);
      assertPixel(pixels, 80, 0x20 / 255.0, 0xc0 / 255.0, 0x40 / 255.0, 0.5);
    }
    // A darker shade of the replaced colour becomes a darker shade of the new one.
    float[] shade = new float[4 * 100 * 40];
    for (int i = 0; i < shade.length; i += 4) {
      shade[i + 2] = 0.9f;
      shade[i + 3] = 1;
    }
    float[] pixels = drawn(new RasterPicture(100, 40, shade, false), tint);
    assertEquals(0xc0 / 255.0, pixels[4 * 2020 + 1], 0.01);
    assertTrue(pixels[4 * 2020 + 2] < 0x40 / 255.0);
  }

  @Test
  void impossibleTintsAreAnswered() {
    assertThrows(InvalidInput.class, () -> adjusted(0.5, 0.5, 1, false, 0, 1, 0));
    assertThrows(InvalidInput.class, () -> adjusted(0, 1, 0, false, 0, 1, 0));
    assertThrows(InvalidInput.class, () -> new Tint.Gradient(0, List.of()));
  }
}
