package app.diaphan.core.check;

import app.diaphan.core.overlay.PlatePiece;
import app.diaphan.core.render.Content;
import app.diaphan.core.render.PlacedPiece;
import java.awt.Shape;
import java.awt.geom.Rectangle2D;
import java.util.Optional;

/** How far the words or the picture of a piece reach, in pixels of the frame. */
final class DrawnExtent {
  /** A picture that covers more of the frame than this is a ground, not a mark. */
  private static final double GROUND_SHARE = 0.25;

  private DrawnExtent() {}

  /** Nothing for plates and groups, and for pictures so large that they are meant to bleed. */
  static Optional<Rectangle2D> of(PlacedPiece placed, double frameArea) {
    return switch (placed.content()) {
      case Content.Lettered letters -> bounds(placed, letters.set().outline());
      case Content.Pictured picture ->
          bounds(placed, picture.fitted(placed.width(), placed.height()).footprint())
              .filter(box -> box.getWidth() * box.getHeight() < GROUND_SHARE * frameArea);
      case Content.Shaped shaped ->
          placed.piece() instanceof PlatePiece
              ? Optional.empty()
              : bounds(placed, shaped.outline());
      case Content.Grouped() -> Optional.empty();
      case Content.Absent() -> Optional.empty();
    };
  }

  private static Optional<Rectangle2D> bounds(PlacedPiece placed, Shape shape) {
    Rectangle2D box = placed.toPixels().createTransformedShape(shape).getBounds2D();
    return box.isEmpty() ? Optional.empty() : Optional.of(box);
  }

  /** By how many pixels one rectangle reaches out of another at most. */
  static double beyond(Rectangle2D inner, Rectangle2D outer) {
    return Math.max(
        Math.max(outer.getMinX() - inner.getMinX(), inner.getMaxX() - outer.getMaxX()),
        Math.max(outer.getMinY() - inner.getMinY(), inner.getMaxY() - outer.getMaxY()));
  }
}
