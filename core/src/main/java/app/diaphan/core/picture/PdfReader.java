package app.diaphan.core.picture;

import app.diaphan.core.Digest;
import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.awt.geom.AffineTransform;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.MemoryUsageSetting;
import org.apache.pdfbox.io.ScratchFile;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;

/** Reads PDF files: each page is a drawing of shapes on clear ground. */
final class PdfReader {
  static final int MOST_PAGES = 200;

  private static final long MOST_MEMORY = 256L << 20;

  private PdfReader() {}

  static boolean reads(byte[] bytes) {
    return bytes.length > 4
        && bytes[0] == '%'
        && bytes[1] == 'P'
        && bytes[2] == 'D'
        && bytes[3] == 'F';
  }

  static VectorPicture read(String name, byte[] bytes) {
    try {
      PDDocument document =
          Loader.loadPDF(
              bytes,
              "",
              null,
              null,
              () -> new ScratchFile(MemoryUsageSetting.setupMainMemoryOnly(MOST_MEMORY)));
      int count = document.getNumberOfPages();
      if (count < 1 || count > MOST_PAGES) {
        throw new InvalidInput(
            Sentence.of(
                "The PDF file \"%s\" has %d pages; Diaphan takes 1 to %d. Save the page you need by itself.",
                name, count, MOST_PAGES));
      }
      List<VectorPicture.Page> pages = new ArrayList<>();
      for (int i = 0; i < count; i++) {
        pages.add(page(name, document, i));
      }
      List<String> notes = new ArrayList<>();
      if (figures(name, document, 0, new AffineTransform()).mixing()) {
        notes.add(ReaderNotes.MIXING);
      }
      return new VectorPicture(pages, notes, Digest.of(bytes), bytes.length);
    } catch (InvalidPasswordException e) {
      throw new InvalidInput(
          Sentence.of("The PDF file \"%s\" is locked by a password; save it without one.", name),
          e);
    } catch (IOException e) {
      throw damaged(name, e);
    }
  }

  private static VectorPicture.Page page(String name, PDDocument document, int index) {
    PDPage page = document.getPage(index);
    PDRectangle box = page.getCropBox();
    boolean sideways = page.getRotation() % 180 != 0;
    return new VectorPicture.Page(
        Math.max(1, sideways ? box.getHeight() : box.getWidth()),
        Math.max(1, sideways ? box.getWidth() : box.getHeight()),
        toPixels -> figures(name, document, index, toPixels).figures(),
        List::of);
  }

  /** The library's documents are for one thread at a time. */
  private static FigureList figures(
      String name, PDDocument document, int index, AffineTransform toPixels) {
    synchronized (document) {
      FigureList figures = new FigureList();
      try {
        new PdfPages(document).renderPageToGraphics(index, new FigureRecorder(figures, toPixels));
      } catch (IOException | UncheckedIOException e) {
        throw damaged(name, e);
      } catch (OutOfMemoryError e) {
        throw ReaderNotes.tooLarge(name, e);
      }
      return figures;
    }
  }

  private static InvalidInput damaged(String name, Exception e) {
    return new InvalidInput(
        Sentence.of(
            "The PDF file \"%s\" is damaged or cut short and was not taken in; save it again.",
            name),
        e);
  }
}
