package app.diaphan.core.render;

import app.diaphan.core.overlay.Piece;
import java.awt.geom.AffineTransform;

/**
 * A piece where it lies on a canvas.
 *
 * @param content what there is to draw
 * @param width of its box in master display units
 * @param height of its box in the same units
 * @param toPixels from units within the box, origin at its top left, to pixels of the canvas
 */
public record PlacedPiece(
    Piece piece, Content content, double width, double height, AffineTransform toPixels) {

  /** The box's four corners in pixels, x and y in turn, clockwise from the top left one. */
  public double[] corners() {
    double[] corners = {0, 0, width, 0, width, height, 0, height};
    toPixels.transform(corners, 0, corners, 0, 4);
    return corners;
  }
}
