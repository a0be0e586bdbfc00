package app.diaphan.core.picture;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.Stroke;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.rendering.PageDrawer;
import org.apache.pdfbox.rendering.PageDrawerParameters;

/**
 * Draws pages with lines as thin as they are. The library makes them a quarter of a point wide at
 * least, for screens; we draw at the size that is wanted, where a tenth of one may be a pixel.
 */
final class PdfPages extends PDFRenderer {
  /** What the library makes of anything thinner. */
  private static final float LEAST = 0.25f;

  PdfPages(PDDocument document) {
    super(document);
  }

  @Override
  protected PageDrawer createPageDrawer(PageDrawerParameters parameters) throws IOException {
    return new Drawer(parameters);
  }

  private static final class Drawer extends PageDrawer {
    Drawer(PageDrawerParameters parameters) throws IOException {
      super(parameters);
    }

    /** A width of 0 is a device's thinnest line (ISO 32000-1, 8.4.3.2) and stays at the least. */
    @Override
    public void strokePath() throws IOException {
      float width = transformWidth(getGraphicsState().getLineWidth());
      Graphics2D graphics = getGraphics();
      if (width <= 0 || width >= LEAST || !(graphics instanceof FigureRecorder recorder)) {
        super.strokePath();
        return;
      }
      recorder.restroke(stroke -> thinner(stroke, width));
      try {
        super.strokePath();
      } finally {
        recorder.restroke(stroke -> stroke);
      }
    }

    private static Stroke thinner(Stroke stroke, float width) {
      return stroke instanceof BasicStroke basic && basic.getLineWidth() == LEAST
          ? new BasicStroke(
              width,
              basic.getEndCap(),
              basic.getLineJoin(),
              basic.getMiterLimit(),
              basic.getDashArray(),
              basic.getDashPhase())
          : stroke;
    }
  }
}
