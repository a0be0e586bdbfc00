package app.diaphan.core.render;

import app.diaphan.core.Require;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.raster.Bounds;
import java.awt.geom.AffineTransform;

/**
 * A frame and the pixels it is drawn on: its own stored pixels for a delivery, fewer or more for a
 * picture on the stage.
 */
public record Canvas(Frame frame, int width, int height) {
  /** How many times as large as it is a frame may be drawn. */
  public static final double LEAST_SCALE = 0.001;

  public static final double MOST_SCALE = 8;

  public static Canvas of(Frame frame) {
    return new Canvas(frame, frame.width(), frame.height());
  }

  /** The frame at a share of its stored size, at least one pixel each way. */
  public static Canvas scaled(Frame frame, double scale) {
    Require.between(LEAST_SCALE, MOST_SCALE, scale, "The scale of the picture");
    return new Canvas(
        frame,
        (int) Math.max(1, Math.rint(frame.width() * scale)),
        (int) Math.max(1, Math.rint(frame.height() * scale)));
  }

  /** The same frame with so many pixels for each of these, both ways. */
  Canvas finer(int times) {
    return new Canvas(frame, width * times, height * times);
  }

  /** Pixels across for one display unit of the frame. */
  public double scaleX() {
    return width / frame.displayWidth();
  }

  /** Pixels down for one display unit of the frame. */
  public double scaleY() {
    return height / frame.displayHeight();
  }

  public AffineTransform toPixels() {
    return AffineTransform.getScaleInstance(scaleX(), scaleY());
  }

  public Bounds bounds() {
    return new Bounds(0, 0, width, height);
  }
}
