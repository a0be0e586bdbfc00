package app.diaphan.core.frame;

import app.diaphan.core.Require;

/**
 * The action-safe and title-safe rectangles of a frame, as margins on each side in percent of the
 * frame's width (x) and height (y).
 */
public record SafeAreas(String name, double actionX, double actionY, double titleX, double titleY) {

  /** EBU R 95 for 16:9 pictures: action 3.5 %, graphics 5 % on each side. */
  public static final SafeAreas EBU_R95 = new SafeAreas("EBU R 95", 3.5, 3.5, 5, 5);

  /** The older pair: 90 % of the picture for action, 80 % for titles. */
  public static final SafeAreas NINETY_EIGHTY = new SafeAreas("90 % and 80 %", 5, 5, 10, 10);

  /** SMPTE ST 2046-1: 93 % for action, 90 % for titles. */
  public static final SafeAreas ST_2046_1 = new SafeAreas("SMPTE ST 2046-1", 3.5, 3.5, 5, 5);

  public SafeAreas {
    Require.present(name, "The name of the safe areas");
    Require.between(0, 45, actionX, "The action-safe margin at the sides (percent)");
    Require.between(0, 45, actionY, "The action-safe margin above and below (percent)");
    Require.between(0, 45, titleX, "The title-safe margin at the sides (percent)");
    Require.between(0, 45, titleY, "The title-safe margin above and below (percent)");
  }

  /** The designer's own areas, each margin the same on all four sides, in percent. */
  public static SafeAreas own(double action, double title) {
    return new SafeAreas("Own", action, action, title, title);
  }
}
