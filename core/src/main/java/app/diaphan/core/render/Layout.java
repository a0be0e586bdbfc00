package app.diaphan.core.render;

import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Place;
import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.overlay.PlateShape;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.picture.PictureShelf;
import app.diaphan.core.raster.Outlines;
import app.diaphan.core.type.SetText;
import app.diaphan.core.type.TextSetter;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;

/**
 * Finds where every piece lies on a canvas. On another frame than the master's, a piece hangs from
 * the same point of the same area there, and its lengths follow the frames' shorter display sides.
 */
final class Layout {
  private final TextSetter setter;
  private final PictureShelf pictures;

  /**
   * @param pieces from front to back, those not shown too
   */
  record Placed(List<PlacedPiece> pieces, List<Finding> findings) {}

  private record Measured(Content content, double width, double height) {}

  Layout(TextSetter setter, PictureShelf pictures) {
    this.setter = setter;
    this.pictures = pictures;
  }

  Placed place(Overlay overlay, Canvas canvas) {
    double scale = canvas.frame().shortSide() / overlay.frame().shortSide();
    List<Finding> findings = new ArrayList<>();
    List<PlacedPiece> placed = new ArrayList<>();
    for (Piece piece : overlay.stack()) {
      Measured measured = measure(piece, findings);
      placed.add(
          new PlacedPiece(
              piece,
              measured.content(),
              measured.width(),
              measured.height(),
              toPixels(piece.place(), measured, scale, canvas)));
    }
    return new Placed(placed, findings);
  }

  private Measured measure(Piece piece, List<Finding> findings) {
    return switch (piece) {
      case TextPiece text -> {
        SetText set = setter.set(text.words(), text.style());
        if (!set.missing().isEmpty()) {
          findings.add(
              new Finding(
                  text.id(),
                  "No font here has %s, used in \"%s\"; an empty box is drawn instead."
                      .formatted(String.join(" ", set.missing()), text.name()),
                  false));
        }
        yield new Measured(
            new Content.Painted(set.outline(), text.paint()), set.width(), set.height());
      }
      case PlatePiece plate ->
          new Measured(
              new Content.Painted(outline(plate), plate.paint()), plate.width(), plate.height());
      case PicturePiece picture -> {
        Content content =
            pictures
                .picture(picture.picture())
                .<Content>map(Content.Pictured::new)
                .orElseGet(Content.Absent::new);
        if (content instanceof Content.Absent) {
          findings.add(
              new Finding(
                  picture.id(),
                  "The package has no picture \"%s\", which \"%s\" shows; add it or choose another."
                      .formatted(picture.picture(), picture.name()),
                  true));
        }
        yield new Measured(content, picture.width(), picture.height());
      }
    };
  }

  private static Shape outline(PlatePiece plate) {
    double width = plate.width();
    double height = plate.height();
    return switch (plate.shape()) {
      case PlateShape.Rectangle() -> new Rectangle2D.Double(0, 0, width, height);
      case PlateShape.RoundedRectangle(double radius) ->
          Outlines.roundedRectangle(0, 0, width, height, radius, radius);
      case PlateShape.Ellipse() -> Outlines.ellipse(0, 0, width, height);
    };
  }

  private static AffineTransform toPixels(
      Place place, Measured measured, double scale, Canvas canvas) {
    Point2D hook = place.point().of(canvas.frame().area(place.area()));
    double left = hook.getX() + scale * (place.right() - place.point().across() * measured.width());
    double top = hook.getY() + scale * (place.down() - place.point().down() * measured.height());
    AffineTransform transform = canvas.toPixels();
    transform.translate(left, top);
    transform.scale(scale, scale);
    transform.rotate(Math.toRadians(place.turn()), measured.width() / 2, measured.height() / 2);
    return transform;
  }
}
