package app.diaphan.core.arrange;

import java.awt.geom.Point2D;

/**
 * How a piece is to lie.
 *
 * @param centre of its box, in the frame's display units
 * @param across factor of its width
 * @param down factor of its height
 * @param turn degrees to turn it by as seen on the frame, clockwise
 * @param flip whether left and right of the piece are exchanged before that
 */
record Placement(Point2D centre, double across, double down, double turn, boolean flip) {
  static Placement at(Point2D centre) {
    return new Placement(centre, 1, 1, 0, false);
  }

  static Placement moved(Point2D centre, double right, double down) {
    return at(new Point2D.Double(centre.getX() + right, centre.getY() + down));
  }
}
