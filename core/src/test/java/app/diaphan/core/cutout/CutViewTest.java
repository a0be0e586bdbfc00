package app.diaphan.core.cutout;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.picture.RasterPicture;
import org.junit.jupiter.api.Test;

/** Ways to look at a cut-out, and how much of the ground its edge still holds. */
class CutViewTest {
  private static final int SIDE = 12;
  private static final float[] BLUE = {0.1f, 0.2f, 0.8f};
  private static final float[] SAND = {0.9f, 0.8f, 0.5f};

  /** Solid on the left, the ground on the right, one column of half a pixel between. */
  private static RasterPicture before() {
    return picture((x, colour) -> mixed(SAND, BLUE, share(x), colour), x -> 1);
  }

  /**
   * @param left how much of the ground's colour is left in the edge
   */
  private static RasterPicture cut(float left) {
    return picture(
        (x, colour) -> mixed(SAND, BLUE, x == SIDE / 2 ? left : 0, colour), x -> 1 - share(x));
  }

  private static float share(int x) {
    return x < SIDE / 2 ? 0 : x == SIDE / 2 ? 0.5f : 1;
  }

  private static float mixed(float[] one, float[] other, float share, int colour) {
    return one[colour] * (1 - share) + other[colour] * share;
  }

  private interface Colours {
    float at(int x, int colour);
  }

  private interface Alphas {
    float at(int x);
  }

  private static RasterPicture picture(Colours colours, Alphas alphas) {
    float[] pixels = new float[4 * SIDE * SIDE];
    for (int i = 0; i < SIDE * SIDE; i++) {
      float alpha = alphas.at(i % SIDE);
      for (int c = 0; c < 3; c++) {
        pixels[4 * i + c] = colours.at(i % SIDE, c) * alpha;
      }
      pixels[4 * i + 3] = alpha;
    }
    return new RasterPicture(SIDE, SIDE, pixels, true);
  }

  private static float[] pixel(RasterPicture picture, int x) {
    float[] pixel = new float[4];
    System.arraycopy(picture.pixels(), 4 * (5 * SIDE + x), pixel, 0, 4);
    return pixel;
  }

  @Test
  void thePictureAndWhatIsLeftAreShownAsTheyAre() {
    RasterPicture before = before();
    RasterPicture cut = cut(0);
    assertSame(before, CutView.BEFORE.of(before, cut));
    assertSame(cut, CutView.RESULT.of(before, cut));
  }

  @Test
  void theAlphaIsSolidGrey() {
    RasterPicture alpha = CutView.ALPHA.of(before(), cut(0));
    assertFalse(alpha.hasAlpha());
    assertArrayEquals(new float[] {1, 1, 1, 1}, pixel(alpha, 2));
    assertArrayEquals(new float[] {0.5f, 0.5f, 0.5f, 1}, pixel(alpha, SIDE / 2));
    assertArrayEquals(new float[] {0, 0, 0, 1}, pixel(alpha, SIDE - 1));
  }

  @Test
  void whatIsGoneAndWhatIsLeftMakeUpTheWhole() {
    RasterPicture gone = CutView.GONE.of(before(), cut(0));
    assertTrue(gone.hasAlpha());
    assertArrayEquals(new float[] {0, 0, 0, 0}, pixel(gone, 2));
    assertArrayEquals(new float[] {0.1f, 0.2f, 0.8f, 1}, pixel(gone, SIDE - 1), 1e-6f);
    assertEquals(0.5f, pixel(gone, SIDE / 2)[3]);
  }

  @Test
  void theGroundLeftInTheEdgeIsMeasured() {
    assertEquals(0, GroundLeft.of(before(), cut(0)), 1e-6);
    assertEquals(0.3, GroundLeft.of(before(), cut(0.3f)), 1e-4);
    assertEquals(1, GroundLeft.of(before(), cut(1)), 1e-4);
  }

  @Test
  void nothingIsLeftWhereThereIsNoEdgeOrNoDifference() {
    RasterPicture solid = picture((x, c) -> SAND[c], x -> 1);
    assertEquals(0, GroundLeft.of(solid, solid));
    // A ground of the colour of what is kept cannot be told from it.
    RasterPicture alike = picture((x, c) -> SAND[c], x -> 1 - share(x));
    assertEquals(0, GroundLeft.of(solid, alike));
  }
}
