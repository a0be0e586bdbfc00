package app.diaphan.server.draw;

import app.diaphan.core.render.DrawingTrouble;
import java.util.List;

/**
 * An overlay as the core draws it at some scale.
 *
 * @param width of the drawing in pixels
 * @param height of the drawing in pixels
 * @param composite the true picture of all pieces, on clear ground
 * @param pieces from front to back, a group before the pieces in it
 */
public record Drawing(
    int width,
    int height,
    DrawnPart composite,
    List<DrawnPiece> pieces,
    List<DrawingTrouble> troubles) {

  /**
   * A picture of what is drawn on, cut to it.
   *
   * @param picture its address; empty if nothing is drawn
   * @param left where it lies, in pixels of the drawing
   */
  public record DrawnPart(String picture, int left, int top, int width, int height) {}

  /**
   * One piece where it lies. All points are pixels of the drawing, x and y in turn.
   *
   * @param group the id of the group it lies in; empty for none
   * @param part the piece by itself
   * @param corners of the piece's box, clockwise from top left
   * @param boxWidth of the piece's box in the units of what holds it
   * @param boxHeight the same, downwards
   * @param thread from the point of the piece to the point it hangs from
   * @param baselines of a text's lines, as points on the box's left and right side
   * @param carets for the text being edited, four values for each place in its words: the caret's
   *     top and its foot
   * @param leansOn ids of the pieces that decide where this one lies
   * @param backs whether it lies around them, so that it is moved by moving them
   * @param note what was done to fit words into their box; empty for nothing
   */
  public record DrawnPiece(
      String id,
      String group,
      DrawnPart part,
      double[] corners,
      double boxWidth,
      double boxHeight,
      double[] thread,
      double[] baselines,
      double[] carets,
      List<String> leansOn,
      boolean backs,
      String note) {}
}
