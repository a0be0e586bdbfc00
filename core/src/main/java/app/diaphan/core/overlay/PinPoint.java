package app.diaphan.core.overlay;

import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;

/** The nine points of a rectangle. */
public enum PinPoint {
  TOP_LEFT(0, 0),
  TOP(0.5, 0),
  TOP_RIGHT(1, 0),
  LEFT(0, 0.5),
  CENTRE(0.5, 0.5),
  RIGHT(1, 0.5),
  BOTTOM_LEFT(0, 1),
  BOTTOM(0.5, 1),
  BOTTOM_RIGHT(1, 1);

  private final double across;
  private final double down;

  PinPoint(double across, double down) {
    this.across = across;
    this.down = down;
  }

  /** Share of the rectangle's width to the left of the point, 0–1. */
  public double across() {
    return across;
  }

  /** Share of the rectangle's height above the point, 0–1. */
  public double down() {
    return down;
  }

  public Point2D of(Rectangle2D rectangle) {
    return new Point2D.Double(
        rectangle.getX() + across * rectangle.getWidth(),
        rectangle.getY() + down * rectangle.getHeight());
  }
}
