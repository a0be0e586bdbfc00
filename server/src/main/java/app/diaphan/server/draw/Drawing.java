package app.diaphan.server.draw;

import java.util.List;

/**
 * An overlay as the core draws it at some scale.
 *
 * @param width of the drawing in pixels
 * @param height of the drawing in pixels
 * @param composite the true picture of all pieces, on clear ground
 * @param pieces from front to back
 */
public record Drawing(
    int width,
    int height,
    DrawnPart composite,
    List<DrawnPiece> pieces,
    List<FoundOnPiece> findings) {

  /**
   * A picture of what is drawn on, cut to it.
   *
   * @param picture its address; empty if nothing is drawn
   * @param left where it lies, in pixels of the drawing
   */
  public record DrawnPart(String picture, int left, int top, int width, int height) {}

  /**
   * One piece by itself.
   *
   * @param corners of the piece's box in the same pixels, x and y in turn, clockwise from top left
   * @param boxWidth of the piece's box in display units
   * @param boxHeight the same, downwards
   */
  public record DrawnPiece(
      String id, DrawnPart part, double[] corners, double boxWidth, double boxHeight) {}

  /** Something to know about a piece. */
  public record FoundOnPiece(String piece, String sentence, boolean prevents) {}
}
