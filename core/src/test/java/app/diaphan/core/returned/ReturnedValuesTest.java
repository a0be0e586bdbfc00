package app.diaphan.core.returned;

import static org.junit.jupiter.api.Assertions.assertEquals;

import app.diaphan.core.picture.PictureFile;
import app.diaphan.core.picture.RasterPicture;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Pictures of few pixels, whose differences can be reckoned by hand. */
class ReturnedValuesTest {
  private static final String ADVICE =
      "Fetch the delivered file again and hand it over in another way.";

  /** A pixel by its straight colour and its alpha, 0–1. */
  private record Pixel(double red, double green, double blue, double alpha) {
    static Pixel grey(double value, double alpha) {
      return new Pixel(value, value, value, alpha);
    }
  }

  /** A number of like pixels beside each other. */
  private record Span(int count, Pixel pixel) {}

  private static Span span(int count, double grey, double alpha) {
    return new Span(count, Pixel.grey(grey, alpha));
  }

  /** One row of spans, as often as said. */
  private static RasterPicture picture(int rows, boolean alpha, Span... spans) {
    List<Pixel> row = new ArrayList<>();
    for (Span span : spans) {
      for (int i = 0; i < span.count(); i++) {
        row.add(span.pixel());
      }
    }
    float[] values = new float[4 * row.size() * rows];
    for (int i = 0; i < row.size() * rows; i++) {
      Pixel pixel = row.get(i % row.size());
      values[4 * i] = (float) (pixel.red() * pixel.alpha());
      values[4 * i + 1] = (float) (pixel.green() * pixel.alpha());
      values[4 * i + 2] = (float) (pixel.blue() * pixel.alpha());
      values[4 * i + 3] = (float) pixel.alpha();
    }
    return new RasterPicture(row.size(), rows, values, alpha);
  }

  private static RasterPicture withAlpha(Span... spans) {
    return picture(1, true, spans);
  }

  private static RasterPicture flat(Span... spans) {
    return picture(1, false, spans);
  }

  private static PictureFile file(RasterPicture picture) {
    return new PictureFile(picture, "PNG", 1, 8, "", List.of());
  }

  private static void assertSaid(
      RasterPicture sent, RasterPicture back, EnumSet<Happened> happened, String... sentences) {
    Verdict verdict = ReturnedCheck.of(file(sent), file(back));
    assertEquals(List.of(sentences), verdict.sentences());
    assertEquals(happened, verdict.happened());
    assertEquals(happened.contains(Happened.SAME_PICTURE), verdict.usable());
  }

  private static void assertSame(RasterPicture sent, RasterPicture back) {
    assertSaid(
        sent,
        back,
        EnumSet.of(Happened.SAME_PICTURE),
        "It was written anew, but every pixel is as it was delivered.");
  }

  @Test
  void aFlatFileIsComparedByItsColours() {
    RasterPicture sent = flat(span(10, 0.5, 1));
    assertSame(sent, flat(span(10, 0.5 + 0.5 / 255, 1)));
    assertSaid(
        sent,
        flat(span(5, 0.5 + 20.0 / 255, 1), span(5, 0.5, 1)),
        EnumSet.of(Happened.RECOMPRESSED),
        "Its colours were packed with loss or changed: they are off by 10.0 of 255 in the mean.",
        ADVICE);
  }

  @Test
  void whatWasScaledIsBorneWithMore() {
    RasterPicture sent = picture(100, false, span(100, 0.5, 1));
    assertSaid(
        sent,
        picture(50, false, span(50, 0.5 + 2.0 / 255, 1)),
        EnumSet.of(Happened.SCALED),
        "It was scaled from 100 × 100 to 50 × 50 pixels.",
        ADVICE);
    assertSaid(
        sent,
        picture(50, false, span(100, 0.5 + 4.0 / 255, 1)),
        EnumSet.of(Happened.SCALED, Happened.RECOMPRESSED),
        "It was scaled from 100 × 100 to 100 × 50 pixels, and squeezed.",
        "Its colours were packed with loss or changed: they are off by 4.0 of 255 in the mean.",
        ADVICE);
    assertSaid(
        picture(90, false, span(160, 0.5, 1)),
        picture(45, false, span(80, 0.5, 1)),
        EnumSet.of(Happened.SCALED),
        "It was scaled from 160 × 90 to 80 × 45 pixels.",
        ADVICE);
  }

  @Test
  void largePicturesAreComparedAtHalfTheirSize() {
    int side = 2002;
    assertSame(
        picture(side, false, span(side, 0.5, 1)),
        picture(side, false, span(side, 0.5 + 2.0 / 255, 1)));
    // Stripes of a pixel that are their own halves' mean.
    assertSame(
        picture(side, false, span(side, 0.5, 1)),
        picture(side, false, stripes(side, 0.5 - 10.0 / 255, 0.5 + 10.0 / 255)));
  }

  private static Span[] stripes(int count, double first, double second) {
    Span[] spans = new Span[count];
    for (int i = 0; i < count; i++) {
      spans[i] = span(1, i % 2 == 0 ? first : second, 1);
    }
    return spans;
  }

  @Test
  void alphaIsComparedWhereItIsNeitherClearNorSolid() {
    RasterPicture sent = withAlpha(span(10, 0, 0), span(10, 0, 1), span(10, 0, 0.5));
    assertSaid(
        sent,
        withAlpha(span(10, 0, 0), span(10, 0, 1), span(10, 0, 0.5 + 20.0 / 255)),
        EnumSet.of(Happened.ALPHA_CHANGED),
        "Its alpha is another one: along the edges it is off by 20.0 of 255 in the mean.",
        ADVICE);
    assertSame(sent, withAlpha(span(10, 0, 0), span(10, 0, 1), span(10, 0, 0.5 + 1.7 / 255)));
    assertSaid(
        sent,
        withAlpha(span(10, 0, 10.0 / 255), span(10, 0, 1), span(10, 0, 0.5)),
        EnumSet.of(Happened.ALPHA_CHANGED),
        "Its alpha is another one: along the edges it is off by 5.0 of 255 in the mean.",
        ADVICE);
    assertSaid(
        withAlpha(span(10, 0, 0), span(10, 0, 1)),
        withAlpha(span(10, 0, 0), span(10, 0, 245.0 / 255)),
        EnumSet.of(Happened.ALPHA_CHANGED),
        "Its alpha is another one: along the edges it is off by 10.0 of 255 in the mean.",
        ADVICE);
  }

  @Test
  void coloursUnderAnotherAlphaAreStillThemselves() {
    assertSaid(
        withAlpha(span(1, 0.8, 0.5), span(1, 0.4, 1)),
        withAlpha(span(1, 0.8, 0.6), span(1, 0.4, 1)),
        EnumSet.of(Happened.ALPHA_CHANGED),
        "Its alpha is another one: along the edges it is off by 25.5 of 255 in the mean.",
        ADVICE);
  }

  @Test
  void fewMultipliedPixelsTellAmongManyThatTellNothing() {
    String multiplied =
        "Its colours were multiplied by its alpha, but it still says that they are straight; its edges will look dark.";
    Span sent = span(1, 1, 0.5);
    Span back = span(1, 0.5, 0.5);
    for (Span other :
        List.of(span(1000, 1, 1), span(1000, 0, 0.5), span(1000, 1, 0.05), span(1000, 0.05, 0.5))) {
      assertSaid(
          withAlpha(sent, other),
          withAlpha(back, other),
          EnumSet.of(Happened.ALPHA_MULTIPLIED_IN),
          multiplied,
          ADVICE);
    }
  }

  @Test
  void darkerColoursAreNotTakenForMultipliedOnes() {
    assertSaid(
        withAlpha(span(2, 1, 0.5), span(2, 0.5, 0.05)),
        withAlpha(span(2, 0.8, 0.5), span(2, 0, 0.05)),
        EnumSet.of(Happened.RECOMPRESSED),
        "Its colours were packed with loss or changed: they are off by 25.5 of 255 in the mean.",
        ADVICE);
  }

  @Test
  void theGroundOfAFlattenedFileIsFound() {
    Pixel ground = new Pixel(0.2, 0.4, 0.6, 1);
    RasterPicture sent = withAlpha(span(4, 0.9, 1), span(4, 0, 0), span(4, 1, 0.5));
    Span mixed = new Span(4, new Pixel(0.6, 0.7, 0.8, 1));
    assertSaid(
        sent,
        flat(span(4, 0.9, 1), new Span(4, ground), mixed),
        EnumSet.of(Happened.ALPHA_LOST),
        "Its alpha is gone; it was laid over #336699.",
        ADVICE);
    assertSaid(
        sent,
        withAlpha(span(4, 0.9, 1), new Span(4, ground), mixed),
        EnumSet.of(Happened.ALPHA_LOST),
        "Its alpha is solid everywhere, so it shows nothing through; it was laid over #336699.",
        ADVICE);
    assertSaid(
        sent,
        flat(span(4, 0.9 - 30.0 / 255, 1), new Span(4, ground), mixed),
        EnumSet.of(Happened.ALPHA_LOST, Happened.RECOMPRESSED),
        "Its alpha is gone; it was laid over #336699.",
        "Its colours were packed with loss or changed: they are off by 10.0 of 255 in the mean.",
        ADVICE);
  }

  @Test
  void coloursBesideADroppedAlphaAreCompared() {
    RasterPicture sent = withAlpha(span(4, 1, 1), span(4, 0.5, 0.4), span(4, 0.7, 0.05));
    assertSaid(
        sent,
        flat(span(4, 1, 1), span(4, 0.5 + 10.0 / 255, 1), span(4, 0, 1)),
        EnumSet.of(Happened.ALPHA_LOST, Happened.RECOMPRESSED),
        "Its alpha is gone; its colours are as they were beside it.",
        "Its colours were packed with loss or changed: they are off by 5.0 of 255 in the mean.",
        ADVICE);
  }

  @Test
  void theDistanceIsOfTheLeastUnkindReading() {
    Likeness bright = look(true, span(32, 1, 0.5));
    // Multiplied by its alpha, its colours are off by a quarter; its alpha is the same.
    assertEquals(0.002, bright.distance(look(true, span(32, 0.5, 0.5)), true), 1e-6);
    assertEquals(
        Math.sqrt((3 * 0.05 * 0.05 + 0.05 * 0.05) / 4),
        bright.distance(look(true, span(32, 1, 0.55)), true),
        1e-6);
    assertEquals(2 * 0.1 + 0.002, bright.distance(look(true, span(32, 0, 0.6)), true), 1e-6);
    // Its alpha dropped, its straight colours are left.
    assertEquals(0.1, look(true, bars()).distance(look(false, shown(0.1)), false), 1e-6);
    assertEquals(0, look(true, bars()).distance(look(false, shown(0)), false), 1e-6);
  }

  private static Span[] bars() {
    return new Span[] {span(16, 0, 0), span(8, 0.2, 0.5), span(8, 0.8, 0.5)};
  }

  /** The colours beside the alpha of {@link #bars}, each off by the same. */
  private static Span[] shown(double off) {
    return new Span[] {span(16, off, 1), span(8, 0.2 + off, 1), span(8, 0.8 + off, 1)};
  }

  @Test
  void whatWasLaidOverAColourIsNearAtAnyColour() {
    Likeness sent = look(true, span(16, 0.9, 1), span(16, 0, 0));
    Span ground = new Span(16, new Pixel(0.1, 0.5, 0.8, 1));
    assertEquals(0, sent.distance(look(false, span(16, 0.9, 1), ground), false), 1e-6);
    // Half of the cells off by a fifth, in one of three colours.
    Span redder = new Span(16, new Pixel(0.7, 0.9, 0.9, 1));
    assertEquals(Math.sqrt(0.04 / 6), sent.distance(look(false, redder, ground), false), 1e-6);
  }

  private static Likeness look(boolean alpha, Span... spans) {
    return Likeness.of(picture(Likeness.SIDE, alpha, spans));
  }
}
