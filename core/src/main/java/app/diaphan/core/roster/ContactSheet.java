package app.diaphan.core.roster;

import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Area;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PinPoint;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextAlignment;
import app.diaphan.core.overlay.TextBox;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.TextSetting;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.render.Rendering;
import app.diaphan.core.type.SetText;
import java.awt.geom.PathIterator;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/**
 * Pictures with their names, such as every row's of a roster, as a PDF for the client. Names are
 * set as words of overlays are and drawn as outlines, so that every script comes out right and no
 * font is asked for.
 */
public final class ContactSheet {
  private static final int COLUMNS = 2;
  private static final int LINES = 7;
  private static final float MARGIN = 36;
  private static final float GAP = 12;
  private static final float TITLE_HEIGHT = 28;
  private static final float NAME_SIZE = 9;

  /** At which overlays are drawn before they are cut to what is drawn; 3 dots a point at most. */
  private static final int FRAME_WIDTH = 800;

  private static final float GROUND = 0.5f;

  private final Renderer renderer;

  public ContactSheet(Renderer renderer) {
    this.renderer = renderer;
  }

  /**
   * @param name that is written beneath
   * @param picture asked for when its turn comes
   */
  public record Entry(String name, Picture picture) {
    /** An overlay as it is drawn, cut to what is drawn. */
    public static Entry of(String name, Overlay overlay) {
      return new Entry(name, renderer -> image(renderer, overlay));
    }
  }

  /** What is shown on the sheet's grey. */
  @FunctionalInterface
  public interface Picture {
    BufferedImage by(Renderer renderer) throws IOException;
  }

  /**
   * @param entries in order; each is asked for when its turn comes, so that they need not all be
   *     there at once
   */
  public void write(String title, Iterable<Entry> entries, OutputStream out) throws IOException {
    try (PDDocument document = new PDDocument()) {
      PDPageContentStream stream = null;
      int at = 0;
      for (Entry entry : entries) {
        int place = at % (COLUMNS * LINES);
        if (place == 0) {
          if (stream != null) {
            stream.close();
          }
          stream = page(document, title);
        }
        draw(document, stream, entry, place);
        at++;
      }
      if (stream != null) {
        stream.close();
      }
      document.getDocumentInformation().setTitle(title);
      document.save(out);
    }
  }

  private PDPageContentStream page(PDDocument document, String title) throws IOException {
    PDPage page = new PDPage(PDRectangle.A4);
    document.addPage(page);
    PDPageContentStream stream = new PDPageContentStream(document, page);
    words(stream, title, 14, MARGIN, PDRectangle.A4.getHeight() - MARGIN - 4, 0);
    return stream;
  }

  private void draw(PDDocument document, PDPageContentStream stream, Entry entry, int place)
      throws IOException {
    float width = (PDRectangle.A4.getWidth() - 2 * MARGIN - GAP * (COLUMNS - 1)) / COLUMNS;
    float height =
        (PDRectangle.A4.getHeight() - 2 * MARGIN - TITLE_HEIGHT - GAP * (LINES - 1)) / LINES;
    float left = MARGIN + (place % COLUMNS) * (width + GAP);
    float top =
        PDRectangle.A4.getHeight() - MARGIN - TITLE_HEIGHT - (place / COLUMNS) * (height + GAP);
    float pictureHeight = height - NAME_SIZE - 6;
    stream.setNonStrokingColor(GROUND);
    stream.addRect(left, top - pictureHeight, width, pictureHeight);
    stream.fill();
    BufferedImage image = entry.picture().by(renderer);
    PDImageXObject picture = LosslessFactory.createFromImage(document, image);
    float scale = Math.min((width - 8) / image.getWidth(), (pictureHeight - 8) / image.getHeight());
    float shownWidth = image.getWidth() * scale;
    float shownHeight = image.getHeight() * scale;
    stream.drawImage(
        picture,
        left + (width - shownWidth) / 2,
        top - (pictureHeight + shownHeight) / 2,
        shownWidth,
        shownHeight);
    words(stream, entry.name(), NAME_SIZE, left, top - height + 3, width);
  }

  private static BufferedImage image(Renderer renderer, Overlay overlay) {
    Canvas canvas =
        Canvas.scaled(overlay.frame(), Math.min(1, (double) FRAME_WIDTH / overlay.frame().width()));
    Rendering rendering = renderer.render(overlay, canvas);
    Bounds part = rendering.drawn().empty() ? canvas.bounds() : rendering.drawn();
    float[] pixels = rendering.pixels();
    BufferedImage image =
        new BufferedImage(part.width(), part.height(), BufferedImage.TYPE_INT_ARGB);
    for (int y = 0; y < part.height(); y++) {
      for (int x = 0; x < part.width(); x++) {
        int at = 4 * ((y + part.top()) * canvas.width() + x + part.left());
        float alpha = pixels[at + 3];
        float by = alpha > 0 ? 255 / alpha : 0;
        image.setRGB(
            x,
            y,
            Math.round(alpha * 255) << 24
                | Math.round(Math.min(255, pixels[at] * by)) << 16
                | Math.round(Math.min(255, pixels[at + 1] * by)) << 8
                | Math.round(Math.min(255, pixels[at + 2] * by)));
      }
    }
    return image;
  }

  /**
   * @param baseline from the page's foot
   * @param most points wide; longer words are made narrower, 0 for no limit
   */
  private void words(
      PDPageContentStream stream, String words, float size, float left, float baseline, float most)
      throws IOException {
    SetText set = renderer.set(label(words.isBlank() ? " " : words.replace('\n', ' ')));
    double scale = size / 100;
    double across = most > 0 ? Math.min(scale, most / set.width()) : scale;
    double foot = set.baselines().getFirst();
    stream.setNonStrokingColor(0.1f);
    double[] c = new double[6];
    double lastX = 0;
    double lastY = 0;
    boolean any = false;
    for (PathIterator path = set.outline().getPathIterator(null); !path.isDone(); path.next()) {
      any = true;
      int kind = path.currentSegment(c);
      switch (kind) {
        case PathIterator.SEG_MOVETO ->
            stream.moveTo(x(c[0], left, across), y(c[1], foot, baseline, scale));
        case PathIterator.SEG_LINETO ->
            stream.lineTo(x(c[0], left, across), y(c[1], foot, baseline, scale));
        case PathIterator.SEG_QUADTO ->
            stream.curveTo(
                x(lastX + 2 * (c[0] - lastX) / 3, left, across),
                y(lastY + 2 * (c[1] - lastY) / 3, foot, baseline, scale),
                x(c[2] + 2 * (c[0] - c[2]) / 3, left, across),
                y(c[3] + 2 * (c[1] - c[3]) / 3, foot, baseline, scale),
                x(c[2], left, across),
                y(c[3], foot, baseline, scale));
        case PathIterator.SEG_CUBICTO ->
            stream.curveTo(
                x(c[0], left, across),
                y(c[1], foot, baseline, scale),
                x(c[2], left, across),
                y(c[3], foot, baseline, scale),
                x(c[4], left, across),
                y(c[5], foot, baseline, scale));
        default -> stream.closePath();
      }
      int last =
          switch (kind) {
            case PathIterator.SEG_QUADTO -> 2;
            case PathIterator.SEG_CUBICTO -> 4;
            default -> 0;
          };
      lastX = c[last];
      lastY = c[last + 1];
    }
    if (any) {
      stream.fill();
    }
  }

  private static float x(double x, float left, double scale) {
    return (float) (left + x * scale);
  }

  private static float y(double y, double foot, float baseline, double scale) {
    return (float) (baseline + (foot - y) * scale);
  }

  private static TextPiece label(String words) {
    return new TextPiece(
        "name",
        "Name",
        true,
        false,
        Place.at(PinPoint.LEFT, Area.FRAME, 0, 0),
        List.of(Run.of(words, "Work Sans", 500, 100)),
        TextSetting.plain(TextAlignment.LEFT),
        new TextBox.Free(),
        new Paint.Flat(Colour.BLACK),
        Look.PLAIN);
  }
}
