package app.diaphan.core.frame;

import app.diaphan.core.Require;
import java.awt.geom.Rectangle2D;

/**
 * The designer's own margin lines, one on each side of a frame. They are part of the frame, so that
 * overlays made for the same frame can share them.
 *
 * @param unit what the four distances are measured in
 */
public record OwnMargin(Unit unit, double left, double top, double right, double bottom) {
  public static final OwnMargin NONE = new OwnMargin(Unit.PERCENT, 0, 0, 0, 0);
  private static final double MOST_PERCENT = 45;

  /** What a margin is measured in. */
  public enum Unit {
    /** Of the frame's width at the sides, of its height above and below. */
    PERCENT,
    /** Display units of the frame. */
    UNITS
  }

  public OwnMargin {
    Require.present(unit, "The unit of the own margin");
    double most = unit == Unit.PERCENT ? MOST_PERCENT : Frame.MOST;
    Require.between(0, most, left, "The own margin on the left");
    Require.between(0, most, top, "The own margin above");
    Require.between(0, most, right, "The own margin on the right");
    Require.between(0, most, bottom, "The own margin below");
  }

  /** What the lines leave of a frame of this size, in display units; never less than nothing. */
  Rectangle2D within(double width, double height) {
    double across = unit == Unit.PERCENT ? width / 100 : 1;
    double down = unit == Unit.PERCENT ? height / 100 : 1;
    double x = Math.min(left * across, width);
    double y = Math.min(top * down, height);
    return new Rectangle2D.Double(
        x, y, Math.max(0, width - x - right * across), Math.max(0, height - y - bottom * down));
  }

  /** The same lines on a frame whose lengths are so many times as long. */
  public OwnMargin scaled(double by) {
    return unit == Unit.PERCENT
        ? this
        : new OwnMargin(
            unit, rounded(left * by), rounded(top * by), rounded(right * by), rounded(bottom * by));
  }

  private static double rounded(double length) {
    return Math.min(Frame.MOST, Math.rint(length * 1000) / 1000);
  }
}
