package app.diaphan.core.check.house;

import app.diaphan.core.frame.Frame;
import app.diaphan.core.house.HouseMark;
import app.diaphan.core.overlay.PicturePiece;
import app.diaphan.core.picture.Picture;
import app.diaphan.core.render.Content;
import app.diaphan.core.render.PlacedPiece;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A mark of the house as a piece shows it.
 *
 * @param toFrame from the picture's own units to pixels of the frame
 */
record MarkInPlace(
    HouseMark mark,
    PicturePiece piece,
    PlacedPiece placed,
    Picture picture,
    AffineTransform toFrame) {
  /** Sides that differ by less come of rounding. */
  private static final double STRETCHED = 0.01;

  static Optional<MarkInPlace> of(PlacedPiece placed, Brand brand) {
    if (!(placed.piece() instanceof PicturePiece piece)
        || !(placed.content() instanceof Content.Pictured content)) {
      return Optional.empty();
    }
    return brand
        .mark(piece.picture())
        .map(
            mark -> {
              AffineTransform toFrame = placed.toPixels();
              toFrame.concatenate(content.fitted(placed.width(), placed.height()).toBox());
              return new MarkInPlace(mark, piece, placed, content.picture(), toFrame);
            });
  }

  /** All of the frame's, also in groups, from front to back. */
  static Stream<MarkInPlace> all(Stream<PlacedPiece> shown, Brand brand) {
    return shown.flatMap(placed -> of(placed, brand).stream());
  }

  /** Pixels from its top to its bottom, however it is turned. */
  double height() {
    return picture.ownHeight() * Math.hypot(toFrame.getShearX(), toFrame.getScaleY());
  }

  /** The same as it would be on a frame of 1080 lines, in display units. */
  double heightOn1080(Frame frame) {
    return height() * 1080 / frame.shortSide();
  }

  /** Where it lies, in pixels of the frame. */
  Rectangle2D bounds() {
    return new Path2D.Double(
            new Rectangle2D.Double(0, 0, picture.ownWidth(), picture.ownHeight()), toFrame)
        .getBounds2D();
  }

  /** The same with what has to stay clear round it. */
  Rectangle2D clear() {
    double round = mark.clearSpace() * height();
    Rectangle2D bounds = bounds();
    return new Rectangle2D.Double(
        bounds.getX() - round,
        bounds.getY() - round,
        bounds.getWidth() + 2 * round,
        bounds.getHeight() + 2 * round);
  }

  boolean stretched(Frame frame) {
    double aspect = frame.displayWidth() / frame.width();
    double across = Math.hypot(toFrame.getScaleX() * aspect, toFrame.getShearY());
    double down = Math.hypot(toFrame.getShearX() * aspect, toFrame.getScaleY());
    return Math.abs(across / down - 1) > STRETCHED;
  }
}
