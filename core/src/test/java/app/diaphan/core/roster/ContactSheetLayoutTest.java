package app.diaphan.core.roster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.type.SetText;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;

/** Where everything on a page lies, in points from its top left: 595.28 × 841.89 of them. */
class ContactSheetLayoutTest {
  private static final int RED = 0xff0000;
  private static final int GREY = 0x808080;
  private static final int WHITE = 0xffffff;

  /** Of a box on the page: two beside each other, seven below each other, and what parts them. */
  private static final double WIDTH = (595.28 - 2 * 36 - 12) / 2;

  private static final double HEIGHT = (841.89 - 2 * 36 - 28 - 6 * 12) / 7;

  private static BufferedImage red(int width, int height) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    Graphics2D g = image.createGraphics();
    g.setColor(Color.RED);
    g.fillRect(0, 0, width, height);
    g.dispose();
    return image;
  }

  private static BufferedImage page(float scale, List<ContactSheet.Entry> entries)
      throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    new ContactSheet(Samples.renderer()).write("Ro", entries, out);
    try (PDDocument document = Loader.loadPDF(out.toByteArray())) {
      return new PDFRenderer(document).renderImage(0, scale);
    }
  }

  private static void assertColour(int expected, BufferedImage page, double x, double y) {
    int found = page.getRGB((int) x, (int) y) & 0xffffff;
    for (int shift = 0; shift <= 16; shift += 8) {
      assertEquals(
          expected >> shift & 0xff,
          found >> shift & 0xff,
          2,
          "at %s, %s: %06x".formatted(x, y, found));
    }
  }

  @Test
  void boxesLieInTwoColumnsOfSevenWithTheirPicturesInTheMiddle() throws IOException {
    BufferedImage page =
        page(1, Collections.nCopies(14, new ContactSheet.Entry(" ", renderer -> red(400, 10))));
    for (int place : new int[] {0, 1, 4, 7, 12, 13}) {
      double left = 36 + place % 2 * (WIDTH + 12);
      double top = 36 + 28 + place / 2 * (HEIGHT + 12);
      double foot = top + HEIGHT - 15;
      double right = left + WIDTH;
      assertColour(WHITE, page, left - 2, top + 9);
      assertColour(WHITE, page, left + 9, top - 2);
      assertColour(WHITE, page, right + 2, foot - 9);
      assertColour(WHITE, page, right - 9, foot + 2);
      assertColour(GREY, page, left + 2, top + 2);
      assertColour(GREY, page, right - 2, foot - 2);
      // 8 points less wide than the box, and a fortieth as high.
      double middle = (top + foot) / 2;
      assertColour(RED, page, left + 6, middle);
      assertColour(RED, page, right - 6, middle);
      assertColour(GREY, page, left + 2, middle);
      assertColour(GREY, page, right - 2, middle);
      assertColour(GREY, page, left + 60, middle - 5);
      assertColour(GREY, page, left + 60, middle + 5);
    }
  }

  @Test
  void aPictureThatIsHighIsAsHighAsItsBoxAllows() throws IOException {
    BufferedImage page = page(1, List.of(new ContactSheet.Entry(" ", renderer -> red(10, 40))));
    double foot = 64 + HEIGHT - 15;
    double middle = 36 + WIDTH / 2;
    assertColour(GREY, page, middle, 64 + 2);
    assertColour(RED, page, middle, 64 + 6);
    assertColour(RED, page, middle, foot - 6);
    assertColour(GREY, page, middle, foot - 2);
    // A quarter as wide as high: 72.7 points.
    assertColour(RED, page, middle - 8, 100);
    assertColour(RED, page, middle + 8, 100);
    assertColour(GREY, page, middle - 11, 100);
    assertColour(GREY, page, middle + 11, 100);
  }

  /** The words as the platform fills their outlines at a place. */
  private static void draw(
      Graphics2D g, String words, double left, double baseline, double size, double across) {
    SetText set =
        Samples.renderer()
            .set(
                Samples.text("name", words, Samples.centre(), 100, Samples.flat("#000000"))
                    .withRuns(List.of(Run.of(words, "Work Sans", 500, 100))));
    Graphics2D own = (Graphics2D) g.create();
    own.translate(left, baseline);
    own.scale(across > 0 ? across / set.width() : size / 100, size / 100);
    own.translate(0, -set.baselines().getFirst());
    own.fill(set.outline());
    own.dispose();
  }

  @Test
  void titleAndNamesAreTheOutlinesOfTheirLetters() throws IOException {
    String longName = "Søren Ögren & 888 ".repeat(6).strip();
    float scale = 3;
    BufferedImage page =
        page(
            scale,
            List.of(
                new ContactSheet.Entry("Søren\nÖgren & 88", renderer -> red(400, 10)),
                new ContactSheet.Entry(longName, renderer -> red(400, 10))));
    BufferedImage expected =
        new BufferedImage(page.getWidth(), page.getHeight(), BufferedImage.TYPE_INT_RGB);
    Graphics2D g = expected.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, page.getWidth(), page.getHeight());
    g.setColor(new Color(0x1a1a1a));
    g.scale(scale, scale);
    draw(g, "Ro", 36, 40, 14, 0);
    draw(g, "Søren Ögren & 88", 36, 64 + HEIGHT - 3, 9, 0);
    draw(g, longName, 36 + WIDTH + 12, 64 + HEIGHT - 3, 9, WIDTH);
    g.dispose();
    assertAlike(expected, page, 20, 60);
    assertAlike(expected, page, (int) (64 + HEIGHT - 14), (int) (64 + HEIGHT + 3));
  }

  /** All pixels between two heights of the page, at three dots a point. */
  private static void assertAlike(BufferedImage expected, BufferedImage page, int top, int foot) {
    int dark = 0;
    int off = 0;
    for (int y = 3 * top; y < 3 * foot; y++) {
      for (int x = 0; x < page.getWidth(); x++) {
        int one = expected.getRGB(x, y) & 0xff;
        int other = page.getRGB(x, y) & 0xff;
        dark += one < 128 ? 1 : 0;
        off += Math.abs(one - other) > 64 ? 1 : 0;
      }
    }
    assertTrue(dark > 200, "dark " + dark);
    assertTrue(off < dark / 50, "of " + dark + " dark ones are off: " + off);
  }

  @Test
  void anOverlayIsCutToWhatIsDrawnAndKeepsItsAlpha() throws IOException {
    List<int[]> sizes = new ArrayList<>();
    for (int times : new int[] {1, 4}) {
      Overlay plate =
          Samples.overlay(
              Frame.of(400 * times, 200 * times),
              Samples.plate(
                  new PlateShape.Rectangle(),
                  Samples.centre(),
                  200 * times,
                  60 * times,
                  Samples.flat("#4080c080")));
      BufferedImage image = ContactSheet.Entry.of("n", plate).picture().by(Samples.renderer());
      sizes.add(new int[] {image.getWidth(), image.getHeight()});
      assertEquals("804080c0", Integer.toHexString(image.getRGB(20, 20)));
      assertEquals("804080c0", Integer.toHexString(image.getRGB(0, image.getHeight() - 1)));
    }
    assertEquals(
        List.of("200 × 60", "400 × 120"),
        sizes.stream().map(size -> size[0] + " × " + size[1]).toList());
    Overlay nothing = Samples.overlay(Frame.of(400, 200));
    BufferedImage clear = ContactSheet.Entry.of("n", nothing).picture().by(Samples.renderer());
    assertEquals(400, clear.getWidth());
    assertEquals(0, clear.getRGB(9, 9));
  }
}
