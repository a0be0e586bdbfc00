package app.diaphan.core.roster;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.diaphan.core.Samples;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PlateShape;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;

class ContactSheetTest {
  private static final Overlay RED =
      Samples.overlay(
          Frame.of(400, 200),
          Samples.plate(
              new PlateShape.Rectangle(), Samples.centre(), 200, 60, Samples.flat("#ff0000")));

  private static PDDocument sheet(int rows) throws IOException {
    List<ContactSheet.Entry> entries = new ArrayList<>();
    for (int i = 0; i < rows; i++) {
      entries.add(ContactSheet.Entry.of("سلمى number " + i, RED));
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    new ContactSheet(Samples.renderer()).write("Skippers", entries, out);
    return Loader.loadPDF(out.toByteArray());
  }

  private static int count(
      BufferedImage page, int from, int to, java.util.function.IntPredicate is) {
    int count = 0;
    for (int y = from; y < to; y++) {
      for (int x = 0; x < page.getWidth(); x++) {
        count += is.test(page.getRGB(x, y) & 0xffffff) ? 1 : 0;
      }
    }
    return count;
  }

  @Test
  void everyRowHasItsPictureAndItsName() throws IOException {
    try (PDDocument document = sheet(1)) {
      BufferedImage page = new PDFRenderer(document).renderImage(0);
      // 255 points less 8 wide, and 200 : 60 for the picture.
      int red = count(page, 0, page.getHeight(), rgb -> rgb == 0xff0000);
      assertEquals(247.5 * 247.5 * 60 / 200, red, 1200);
      int dark = count(page, 150, 190, rgb -> (rgb & 0xff) < 0x50 && rgb >> 16 < 0x50);
      assertTrue(dark > 50, "words beneath " + dark);
    }
  }

  @Test
  void moreRowsThanAPageHoldsGoOnTheNext() throws IOException {
    try (PDDocument document = sheet(15)) {
      assertEquals(2, document.getNumberOfPages());
      assertEquals("Skippers", document.getDocumentInformation().getTitle());
    }
  }
}
