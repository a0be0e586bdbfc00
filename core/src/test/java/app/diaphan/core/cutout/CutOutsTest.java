package app.diaphan.core.cutout;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.overlay.cutout.CutEdge;
import app.diaphan.core.overlay.cutout.CutOut;
import app.diaphan.core.overlay.cutout.CutOut.GroundReach;
import app.diaphan.core.picture.RasterPicture;
import java.io.IOException;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CutOutsTest {
  private static final MadeLogo SHARP = new MadeLogo(0);
  private static final CutOut.GroundColour WHITE = new CutOut.GroundColour.OfColour(Colour.WHITE);
  private static final CutOut.GroundColour BLACK = new CutOut.GroundColour.OfColour(Colour.BLACK);

  private static RasterPicture cut(RasterPicture picture, CutOut how) {
    return CutOuts.of(picture, how);
  }

  private static float alpha(RasterPicture picture, int x, int y) {
    return picture.value(4 * (y * picture.width() + x) + 3);
  }

  @ParameterizedTest
  @CsvSource({"1,1,1", "0,0,0", "0.2,0.55,0.9", "0.45,0.5,0.48", "0.98,0.9,0.1"})
  void aLogoOverAFlatGroundComesBack(double red, double green, double blue) {
    RasterPicture given = SHARP.over(MadeLogo.flat(red, green, blue));
    RasterPicture cut = cut(given, MadeLogo.byColour(0.06, 2, GroundReach.EVERYWHERE));
    assertTrue(SHARP.alphaError(cut) <= 1, "alpha is off by " + SHARP.alphaError(cut));
    assertTrue(SHARP.worstColour(cut, 0.1) <= 4, "colour: " + SHARP.worstColour(cut, 0.1));
  }

  @Test
  void aGroundThatChangesEvenlyComesOutAsWell() {
    RasterPicture given =
        SHARP.over((x, y, c) -> 0.95 - 0.002 * x - 0.0012 * y + 0.0006 * c * (x - y) * 0.5);
    RasterPicture cut = cut(given, MadeLogo.byColour(0.06, 2, GroundReach.EVERYWHERE));
    assertTrue(SHARP.alphaError(cut) <= 1, "alpha is off by " + SHARP.alphaError(cut));
    assertTrue(SHARP.worstColour(cut, 0.1) <= 4, "colour: " + SHARP.worstColour(cut, 0.1));
    Ground found = Ground.ofBorder(given);
    assertEquals(-0.002, (found.at(110, 60, 0) - found.at(10, 60, 0)) / 100, 1e-4);
    assertTrue(found.flatShare() > 0.95, "share " + found.flatShare());
  }

  @Test
  void noiseAndCompressionLeaveNoGroundBehind() throws IOException {
    RasterPicture noisy =
        SHARP.over(
            (x, y, c) -> 0.9 + 0.012 * Math.sin(12.9898 * x + 78.233 * y + 37.7 * c * (x + 3 * y)));
    RasterPicture jpeg = MadeLogo.asJpeg(SHARP.over(MadeLogo.flat(1, 1, 1)), 0.6f);
    for (RasterPicture given : new RasterPicture[] {noisy, jpeg}) {
      RasterPicture cut = cut(given, MadeLogo.byColour(0.08, 3, GroundReach.EVERYWHERE));
      assertTrue(SHARP.alphaError(cut) <= 3, "alpha is off by " + SHARP.alphaError(cut));
      assertEquals(0, alpha(cut, 2, 2));
      assertEquals(0, alpha(cut, 66, 64), "within the ring");
      assertEquals(1, alpha(cut, 32, 64), "on the ring");
    }
  }

  @Test
  void softEdgesKeepTheirWidth() {
    MadeLogo soft = new MadeLogo(4);
    RasterPicture given = soft.over(MadeLogo.flat(1, 1, 1));
    RasterPicture cut = cut(given, MadeLogo.byColour(0.02, 8, GroundReach.EVERYWHERE));
    assertTrue(soft.alphaError(cut) <= 2.5, "alpha is off by " + soft.alphaError(cut));
    assertTrue(soft.worstColour(cut, 0.3) <= 10, "colour: " + soft.worstColour(cut, 0.3));
  }

  @Test
  void fromTheBorderInwardsTheInsideOfARingStays() {
    RasterPicture given = SHARP.over(MadeLogo.flat(1, 1, 1));
    RasterPicture cut = cut(given, MadeLogo.byColour(0.06, 2, GroundReach.FROM_BORDER));
    assertEquals(1, alpha(cut, 66, 64), 1e-6);
    assertEquals(1, cut.value(4 * (64 * MadeLogo.SIZE + 66)), 1e-6, "white as it was");
    assertEquals(0, alpha(cut, 3, 3));
  }

  @Test
  void thinLinesAreKept() {
    float[] pixels = new float[4 * 40 * 40];
    java.util.Arrays.fill(pixels, 1);
    for (int y = 0; y < 40; y++) {
      for (int c = 0; c < 3; c++) {
        pixels[4 * (y * 40 + 20) + c] = 0.2f;
        pixels[4 * (y * 40 + 21) + c] = 0.6f;
      }
    }
    RasterPicture cut =
        cut(
            new RasterPicture(40, 40, pixels, false),
            MadeLogo.byColour(0.06, 2, GroundReach.EVERYWHERE));
    assertEquals(1, alpha(cut, 20, 20), 0.02);
    assertEquals(0.5, alpha(cut, 21, 20), 0.02);
    assertEquals(0, alpha(cut, 23, 20));
  }

  @Test
  void brightnessBecomesAlphaAndTheColourIsUnmixed() {
    float[] pixels = new float[4 * 256];
    for (int i = 0; i < 256; i++) {
      pixels[4 * i] = i / 255f;
      pixels[4 * i + 1] = i / 510f;
      pixels[4 * i + 3] = 1;
    }
    RasterPicture glow = new RasterPicture(256, 1, pixels, false);
    RasterPicture cut = cut(glow, new CutOut.ByBrightness(BLACK, 0, 1, 1, CutEdge.AS_FOUND));
    for (int i = 1; i < 256; i++) {
      assertEquals(i / 255f, alpha(cut, i, 0), 1e-5);
      assertEquals(i / 255f, cut.value(4 * i), 1e-5, "over black it looks as before");
      assertEquals(i / 510f, cut.value(4 * i + 1), 1e-5);
    }
    RasterPicture firm = cut(glow, new CutOut.ByBrightness(BLACK, 0.2, 0.6, 2, CutEdge.AS_FOUND));
    assertEquals(0, alpha(firm, 40, 0));
    assertEquals(0.25, alpha(firm, 102, 0), 0.01, "half way, squared");
    assertEquals(1, alpha(firm, 160, 0));
    RasterPicture overWhite =
        cut(
            SHARP.over(MadeLogo.flat(1, 1, 1)),
            new CutOut.ByBrightness(WHITE, 0, 1, 1, CutEdge.AS_FOUND));
    assertEquals(1 - MadeLogo.RING[0], alpha(overWhite, 32, 64), 0.01);
    assertEquals(0, alpha(overWhite, 2, 2));
  }

  /** As a scanner's light falls off towards the corners, with the grain of its paper. */
  @Test
  void aGroundThatFallsOffComesOutWithoutSpecks() {
    Random grain = new Random(3);
    RasterPicture given =
        SHARP.over(
            (x, y, c) ->
                0.95
                    - 0.35 * (Math.pow(x / 160.0 - 0.55, 2) + Math.pow(y / 160.0 - 0.4, 2))
                    + 0.008 * grain.nextGaussian());
    RasterPicture cut = cut(given, FoundCutOut.byColour(given));
    assertTrue(SHARP.alphaError(cut) <= 1.5, "alpha is off by " + SHARP.alphaError(cut));
    for (int i = 0; i < MadeLogo.SIZE; i++) {
      assertEquals(0, alpha(cut, i, 3), "at " + i);
      assertEquals(0, alpha(cut, i, 156), "at " + i);
    }
  }

  /** What is drawn is solid, its shadow black and as thin as it was, on white and on grey. */
  @ParameterizedTest
  @ValueSource(doubles = {1, 0.68})
  void aShadowOnTheGroundStaysThin(double ground) {
    RasterPicture given = SHARP.over((x, y, c) -> ground * (1 - cast(x, y)));
    CutOut.ByColour how = MadeLogo.byColour(0.06, 2, GroundReach.EVERYWHERE);
    RasterPicture cut = cut(given, how.withSoftParts(CutOut.SoftParts.THIN));
    double sum = 0;
    for (int i = 0; i < SHARP.alpha.length; i++) {
      double shadow = cast(i % MadeLogo.SIZE, i / MadeLogo.SIZE);
      double truly = SHARP.alpha[i] + (1 - SHARP.alpha[i]) * shadow;
      sum += Math.abs(cut.value(4 * i + 3) - truly);
    }
    double off = 255 * sum / SHARP.alpha.length;
    assertTrue(off <= 2, "alpha is off by " + off);
    int beside = 4 * (110 * MadeLogo.SIZE + 100);
    assertEquals(cast(100, 110), cut.value(beside + 3), 0.02);
    assertEquals(0, cut.value(beside), 0.01, "black");
    assertEquals(1, alpha(cut, 32, 64), 1e-6, "on the ring");
    RasterPicture solid = cut(given, how);
    assertEquals(1, solid.value(beside + 3), 0.01, "if it is not to be thin");
  }

  /** The shadow of something above the ring's lower right, 0–1. */
  private static double cast(int x, int y) {
    return 0.5 * Math.exp(-(Math.pow(x - 92, 2) + Math.pow(y - 100, 2)) / 800);
  }

  /** No bare ground leads to the inside of the ring, which lies in the shadow throughout. */
  @Test
  void theInsideOfARingInAShadowIsThinToo() {
    RasterPicture given =
        SHARP.over((x, y, c) -> 1 - 0.5 * Math.exp(-Math.pow(Math.hypot(x - 66, y - 64) / 52, 4)));
    CutOut.ByColour how = MadeLogo.byColour(0.06, 2, GroundReach.EVERYWHERE);
    RasterPicture cut = cut(given, how.withSoftParts(CutOut.SoftParts.THIN));
    assertEquals(0.5, alpha(cut, 66, 64), 0.02);
    assertEquals(0, cut.value(4 * (64 * MadeLogo.SIZE + 66)), 0.01, "black");
    assertEquals(1, alpha(cut, 32, 64), 1e-6, "on the ring");
  }

  /** Where a shadow is nearly as dark as a mark with soft edges, small steps lead into the mark. */
  @Test
  void theColourOfTheMarkDoesNotBecomeThatOfItsShadow() {
    MadeLogo soft = new MadeLogo(10);
    RasterPicture given =
        soft.over(
            (x, y, c) -> 1 - 0.62 * Math.exp(-(Math.pow(x - 92, 2) + Math.pow(y - 100, 2)) / 1200));
    CutOut.ByColour how = MadeLogo.byColour(0.06, 2, GroundReach.EVERYWHERE);
    RasterPicture cut = cut(given, how.withSoftParts(CutOut.SoftParts.THIN));
    int beside = 4 * (90 * MadeLogo.SIZE + 128);
    for (int c = 0; c < 3; c++) {
      assertEquals(0, cut.value(beside + c), 0.02, "black, channel " + c);
    }
  }

  @Test
  void aGlowOverBlackIsThinAndOfItsOwnColour() {
    double[] amber = {0.94, 0.66, 0.25};
    RasterPicture given = SHARP.over((x, y, c) -> amber[c] * cast(x, y));
    CutOut.ByColour how = MadeLogo.byColour(0.06, 2, GroundReach.EVERYWHERE);
    RasterPicture cut = cut(given, how.withSoftParts(CutOut.SoftParts.THIN));
    int beside = 4 * (110 * MadeLogo.SIZE + 100);
    double alpha = cut.value(beside + 3);
    // As thin as it can be: its colour as bright as colours are.
    assertEquals(0.94 * cast(100, 110), alpha, 0.02);
    assertEquals(0.66 / 0.94, cut.value(beside + 1) / alpha, 0.03);
    assertEquals(1, alpha(cut, 32, 64), 1e-6, "on the ring");
  }

  @Test
  void whatIsProposedGoesByThePicture() {
    CutOut.ByColour clean = FoundCutOut.byColour(SHARP.over(MadeLogo.flat(1, 1, 1)));
    assertEquals(0.03, clean.tolerance());
    assertEquals(GroundReach.EVERYWHERE, clean.reach(), "the beam encloses nothing");
    assertEquals(CutOut.SoftParts.SOLID, clean.softParts());
    RasterPicture cast = SHARP.over((x, y, c) -> 1 - cast(x, y));
    assertEquals(CutOut.SoftParts.THIN, FoundCutOut.byColour(cast).softParts());
    Random grain = new Random(3);
    RasterPicture noisy = SHARP.over((x, y, c) -> 0.7 + 0.02 * grain.nextGaussian());
    CutOut.ByColour forNoise = FoundCutOut.byColour(noisy);
    assertTrue(forNoise.tolerance() >= 0.1, "tolerance " + forNoise.tolerance());
    assertTrue(forNoise.edge().specks() > 0);
  }

  /** As scanning leaves it: what is nearly ground at an edge is told from noise by its way. */
  @Test
  void thinPartsOfNoisyEdgesAreNotTakenForGround() {
    MadeLogo soft = new MadeLogo(3);
    Random random = new Random(11);
    RasterPicture given = soft.over((x, y, c) -> 0.86 + 0.01 * random.nextGaussian());
    RasterPicture cut = cut(given, FoundCutOut.byColour(given));
    int thin = 0;
    int lost = 0;
    int left = 0;
    for (int i = 0; i < soft.alpha.length; i++) {
      double found = alpha(cut, i % MadeLogo.SIZE, i / MadeLogo.SIZE);
      if (soft.alpha[i] > 0.06 && soft.alpha[i] < 0.15) {
        thin++;
        lost += Math.abs(found - soft.alpha[i]) > 12 / 255.0 ? 1 : 0;
      }
      left += soft.alpha[i] == 0 && found > 12 / 255.0 ? 1 : 0;
    }
    assertTrue(thin > 200, "there are " + thin);
    assertTrue(lost <= thin / 50, lost + " of " + thin);
    assertEquals(0, left, "of the ground");
  }

  @Test
  void whatIsWhiteInAnOutlineBelongsToTheMark() {
    float[] pixels = new float[4 * 80 * 80];
    java.util.Arrays.fill(pixels, 1);
    for (int y = 20; y < 60; y++) {
      for (int x = 20; x < 60; x++) {
        if (x < 22 || x >= 58 || y < 22 || y >= 58) {
          dark(pixels, x, y);
        }
      }
    }
    RasterPicture box = new RasterPicture(80, 80, pixels, false);
    RasterPicture cut = cut(box, FoundCutOut.byColour(box));
    assertEquals(1, alpha(cut, 40, 40));
    assertEquals(0, alpha(cut, 5, 5));
  }

  @Test
  void brightnessGoesByAGroundOfAnyColour() {
    RasterPicture given = SHARP.over(MadeLogo.flat(0.2, 0.5, 0.8));
    RasterPicture cut =
        cut(
            given,
            new CutOut.ByBrightness(new CutOut.GroundColour.OfBorder(), 0, 1, 1, CutEdge.AS_FOUND));
    assertEquals(0, alpha(cut, 3, 3), 0.005);
    int ring = 4 * (64 * MadeLogo.SIZE + 32);
    float alpha = cut.value(ring + 3);
    double[] ground = {0.2, 0.5, 0.8};
    for (int c = 0; c < 3; c++) {
      double over = cut.value(ring + c) + (1 - alpha) * ground[c];
      assertEquals(given.value(ring + c), over, 0.005, "over its ground it looks as before");
    }
    assertTrue(alpha < 0.8, "no more than is needed: " + alpha);
  }

  @Test
  void specksGoPinholesCloseAndTheEdgeMoves() {
    float[] pixels = new float[4 * 80 * 80];
    java.util.Arrays.fill(pixels, 1);
    for (int y = 20; y < 60; y++) {
      for (int x = 20; x < 60; x++) {
        if (x != 40 || y != 40) {
          dark(pixels, x, y);
        }
      }
    }
    dark(pixels, 5, 5);
    dark(pixels, 6, 5);
    RasterPicture given = new RasterPicture(80, 80, pixels, false);
    CutOut.ByColour plain = MadeLogo.byColour(0.06, 1, GroundReach.EVERYWHERE);
    RasterPicture asFound = cut(given, plain);
    assertEquals(1, alpha(asFound, 5, 5));
    assertEquals(0, alpha(asFound, 40, 40));
    RasterPicture clean = cut(given, with(plain, new CutEdge(0, 0, 4, 4)));
    assertEquals(0, alpha(clean, 5, 5));
    assertEquals(1, alpha(clean, 40, 40));
    RasterPicture grown = cut(given, with(plain, new CutEdge(3, 0, 4, 4)));
    assertEquals(1, alpha(grown, 18, 40), 0.1);
    assertEquals(0, alpha(grown, 15, 40), 0.1);
    assertEquals(0.1f, grown.value(4 * (40 * 80 + 18)), 0.02, "in the colour beside it");
    RasterPicture shrunk = cut(given, with(plain, new CutEdge(-3, 0, 4, 4)));
    assertEquals(0, alpha(shrunk, 21, 40), 0.1);
    assertEquals(1, alpha(shrunk, 24, 40), 0.1);
    RasterPicture soft = cut(given, with(plain, new CutEdge(0, 6, 4, 4)));
    assertEquals(0.5, (alpha(soft, 19, 40) + alpha(soft, 20, 40)) / 2, 0.02);
    assertTrue(alpha(soft, 17, 40) > 0.05 && alpha(soft, 17, 40) < 0.4);
  }

  private static CutOut with(CutOut.ByColour how, CutEdge edge) {
    return new CutOut.ByColour(
        how.ground(), how.tolerance(), how.softness(), how.reach(), how.softParts(), edge);
  }

  private static void dark(float[] pixels, int x, int y) {
    for (int c = 0; c < 3; c++) {
      pixels[4 * (y * 80 + x) + c] = 0.1f;
    }
  }

  @Test
  void nothingToDoIsNothingDoneAndBadValuesAreAnswered() {
    RasterPicture given = SHARP.over(MadeLogo.flat(1, 1, 1));
    assertSame(given, CutOuts.of(given, CutOut.NONE));
    assertThrows(InvalidInput.class, () -> MadeLogo.byColour(1.2, 2, GroundReach.EVERYWHERE));
    assertThrows(InvalidInput.class, () -> MadeLogo.byColour(0.1, 0, GroundReach.EVERYWHERE));
    assertThrows(
        InvalidInput.class, () -> new CutOut.ByBrightness(BLACK, 0.5, 0.5, 1, CutEdge.AS_FOUND));
    assertThrows(InvalidInput.class, () -> new CutEdge(30, 0, 0, 0));
    assertThrows(InvalidInput.class, () -> new CutEdge(0, 0, -1, 0));
    float[] one = {0.5f, 0.5f, 0.5f, 1};
    RasterPicture pixel = new RasterPicture(1, 1, one, false);
    assertEquals(0, alpha(cut(pixel, MadeLogo.byColour(0.06, 2, GroundReach.FROM_BORDER)), 0, 0));
  }
}
