package app.diaphan.core.render;

import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Punch;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.stream.Stream;

/**
 * A piece where it lies on a canvas.
 *
 * @param content what there is to draw
 * @param width of its box, in units within it
 * @param height of its box in the same units
 * @param toHolder from units within the box, origin at its top left, to those of what holds it: the
 *     master's display units, or the units of its group
 * @param holderToPixels from there to pixels of the canvas
 * @param hook the point that it hangs from, in units of what holds it
 * @param inside the pieces of a group from front to back
 */
public record PlacedPiece(
    Piece piece,
    Content content,
    double width,
    double height,
    AffineTransform toHolder,
    AffineTransform holderToPixels,
    Point2D hook,
    List<PlacedPiece> inside) {

  /** From units within the box to pixels of the canvas. */
  public AffineTransform toPixels() {
    AffineTransform transform = new AffineTransform(holderToPixels);
    transform.concatenate(toHolder);
    return transform;
  }

  /** The box's four corners in pixels, x and y in turn, clockwise from the top left one. */
  public double[] corners() {
    double[] corners = {0, 0, width, 0, width, height, 0, height};
    toPixels().transform(corners, 0, corners, 0, 4);
    return corners;
  }

  /** The smallest level rectangle around the box, in pixels. */
  public Rectangle2D bounds() {
    return boundsUnder(toPixels());
  }

  /** The smallest level rectangle around the box, in units of what holds it. */
  Rectangle2D boundsInHolder() {
    return boundsUnder(toHolder);
  }

  private Rectangle2D boundsUnder(AffineTransform transform) {
    return new Path2D.Double(new Rectangle2D.Double(0, 0, width, height), transform).getBounds2D();
  }

  /**
   * How many display units of the frame one of the piece is, by the groups around it. A turn does
   * not change lengths, so the transform's parts tell.
   *
   * @param canvas that it was placed on
   */
  public double unit(Canvas canvas) {
    return Math.sqrt(Math.abs(toPixels().getDeterminant()) / (canvas.scaleX() * canvas.scaleY()));
  }

  /** This piece and all within it, a group before its pieces. */
  public Stream<PlacedPiece> all() {
    return Stream.concat(Stream.of(this), inside.stream().flatMap(PlacedPiece::all));
  }

  /** The same, painted even if it punches. */
  public PlacedPiece painted() {
    return piece.look().punch() == Punch.NONE
        ? this
        : withPiece(piece.withLook(piece.look().withPunch(Punch.NONE)));
  }

  /** The same place on a canvas with so many pixels for each of this one's, both ways. */
  PlacedPiece finer(int times) {
    AffineTransform finer = AffineTransform.getScaleInstance(times, times);
    finer.concatenate(holderToPixels);
    return new PlacedPiece(
        piece,
        content,
        width,
        height,
        toHolder,
        finer,
        hook,
        inside.stream().map(inner -> inner.finer(times)).toList());
  }

  /** Another look of the piece in the same place. */
  public PlacedPiece withPiece(Piece other) {
    return new PlacedPiece(other, content, width, height, toHolder, holderToPixels, hook, inside);
  }
}
