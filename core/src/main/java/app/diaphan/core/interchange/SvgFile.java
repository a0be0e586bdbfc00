package app.diaphan.core.interchange;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.colour.Colour;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.GroupPiece;
import app.diaphan.core.overlay.GroupPiece.Finishing;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Punch;
import app.diaphan.core.overlay.cutout.Tint;
import app.diaphan.core.overlay.finish.Finish;
import app.diaphan.core.overlay.paint.Paint;
import app.diaphan.core.picture.Figure;
import app.diaphan.core.picture.RasterPicture;
import app.diaphan.core.picture.VectorPicture;
import app.diaphan.core.render.Canvas;
import app.diaphan.core.render.Content;
import app.diaphan.core.render.FittedPicture;
import app.diaphan.core.render.PlacedPiece;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.type.SetText;
import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Locale;

/**
 * Writes an overlay as an SVG file (W3C SVG 1.1) of shapes. What SVG cannot carry truthfully is
 * refused with the piece that is in the way, rather than drawn in another way.
 */
public final class SvgFile {
  private final Renderer renderer;
  private final SvgPaints paints = new SvgPaints();
  private final StringBuilder body = new StringBuilder();
  private int clips;

  private SvgFile(Renderer renderer) {
    this.renderer = renderer;
  }

  /**
   * @throws InvalidInput if SVG cannot carry the overlay truthfully
   */
  public static String of(Renderer renderer, Overlay overlay) {
    SvgFile file = new SvgFile(renderer);
    Frame frame = overlay.frame();
    Canvas canvas = Canvas.of(frame);
    AffineTransform toUnits =
        AffineTransform.getScaleInstance(1 / canvas.scaleX(), 1 / canvas.scaleY());
    file.pieces(renderer.place(overlay, canvas), toUnits);
    String width = Xml.number(frame.displayWidth());
    String height = Xml.number(frame.displayHeight());
    return Sentence.of(
        """
        <svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="%s" height="%s" viewBox="0 0 %s %s">
        <title>%s</title>
        <defs>
        %s</defs>
        %s</svg>
        """,
        width, height, width, height, Xml.escaped(overlay.name()), file.paints, file.body);
  }

  private void pieces(List<PlacedPiece> frontToBack, AffineTransform toUnits) {
    for (PlacedPiece placed : frontToBack.reversed()) {
      if (placed.piece().shown()) {
        piece(placed, toUnits);
      }
    }
  }

  private void piece(PlacedPiece placed, AffineTransform toUnits) {
    Piece piece = placed.piece();
    Look look = piece.look();
    check(piece, look);
    double opacity = look.overallOpacity() * (piece instanceof GroupPiece ? 1 : look.faceOpacity());
    body.append(
        Sentence.of(
            "<g%s><title>%s</title>\n",
            opacity < 1 ? Sentence.of(" opacity=\"%s\"", Xml.number(opacity)) : "",
            Xml.escaped(piece.name())));
    AffineTransform transform = new AffineTransform(toUnits);
    transform.concatenate(placed.toPixels());
    switch (placed.content()) {
      case Content.Absent() -> {}
      case Content.Grouped() -> pieces(placed.inside(), toUnits);
      case Content.Shaped shaped -> {
        face(placed, shaped.outline(), shaped.fill().paint(), transform);
        for (SetText.Inked part : shaped.inked()) {
          face(placed, part.outline(), new Paint.Flat(part.colour()), transform);
        }
      }
      case Content.Lettered lettered -> {
        if (!lettered.set().inked().isEmpty()) {
          throw refused(piece, "has letters of several colours");
        }
        face(placed, lettered.set().outline(), lettered.fill().paint(), transform);
      }
      case Content.Pictured pictured -> picture(placed, pictured, transform);
    }
    body.append("</g>\n");
  }

  private static void check(Piece piece, Look look) {
    if (look.punch() != Punch.NONE) {
      throw refused(piece, "cuts through what lies behind it");
    }
    for (Finish finish : look.finishes()) {
      if (finish.on()) {
        throw refused(
            piece, "has the finish " + finish.getClass().getSimpleName().toLowerCase(Locale.ROOT));
      }
    }
    if (piece instanceof GroupPiece group
        && (group.finishing() == Finishing.EACH_PART || look.faceOpacity() < 1)) {
      throw refused(piece, "is a group with a look of its own");
    }
  }

  private static InvalidInput refused(Piece piece, String why) {
    return new InvalidInput(
        Sentence.of(
            "\"%s\" %s, which an SVG file cannot carry truthfully. Deliver a PNG or TIFF file, or a layered one.",
            piece.name(), why));
  }

  private void face(PlacedPiece placed, Shape outline, Paint paint, AffineTransform transform) {
    String fill =
        paints
            .fill(paint, placed.width(), placed.height())
            .orElseThrow(() -> refused(placed.piece(), "has a paint of another kind"));
    body.append(
        Sentence.of(
            "<path transform=\"%s\" %s %s/>\n",
            SvgPath.matrix(transform), fill, SvgPath.of(outline)));
  }

  private void picture(PlacedPiece placed, Content.Pictured content, AffineTransform transform) {
    FittedPicture fitted = content.fitted(placed.width(), placed.height());
    AffineTransform fromPicture = new AffineTransform(transform);
    fromPicture.concatenate(fitted.toBox());
    if (!(content.tint() instanceof Tint.OwnColours)) {
      throw refused(placed.piece(), "is a tinted picture");
    }
    String clip = clip(transform.createTransformedShape(fitted.footprint()));
    body.append(Sentence.of("<g clip-path=\"url(#%s)\">\n", clip));
    switch (content.picture()) {
      case RasterPicture raster ->
          body.append(
              SvgPicture.of(renderer.cut(raster, content.cutOut()), SvgPath.matrix(fromPicture)));
      case VectorPicture vector -> {
        for (Figure figure : vector.figures(fromPicture)) {
          figure(placed.piece(), figure);
        }
      }
    }
    body.append("</g>\n");
  }

  private void figure(Piece piece, Figure figure) {
    if (figure instanceof Figure.Together(List<Figure> parts, float opacity)) {
      body.append(Sentence.of("<g opacity=\"%s\">\n", Xml.number(opacity)));
      parts.forEach(part -> figure(piece, part));
      body.append("</g>\n");
      return;
    }
    if (!(figure instanceof Figure.Filled filled) || !(filled.paint() instanceof Color colour)) {
      throw refused(piece, "is a vector picture with gradients or pictures in it");
    }
    Rectangle2D box = filled.shape().getBounds2D();
    Area within = null;
    for (Shape clip : filled.clips()) {
      if (!clip.contains(box)) {
        within = within == null ? new Area(clip) : within;
        within.intersect(new Area(clip));
      }
    }
    String clipped = within == null ? "" : Sentence.of(" clip-path=\"url(#%s)\"", clip(within));
    Colour flat =
        new Colour(
            colour.getRed(),
            colour.getGreen(),
            colour.getBlue(),
            Math.round(colour.getAlpha() * figure.opacity()));
    body.append(
        Sentence.of(
            "<path%s %s %s/>\n", clipped, SvgPaints.flat(flat), SvgPath.of(filled.shape())));
  }

  private String clip(Shape shape) {
    String id = "clip-" + ++clips;
    paints.define(
        Sentence.of(
            "<clipPath id=\"%s\"><path %s/></clipPath>",
            id, SvgPath.of(shape).replace("fill-rule", "clip-rule")));
    return id;
  }
}
