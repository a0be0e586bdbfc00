package app.diaphan.core.overlay.finish;

/**
 * What is done to a piece's edge and surface, live, for as long as the piece lives. Lengths are
 * display units of what holds the piece.
 */
public sealed interface Finish permits Shadow, Halo, Outline, Inset, Rim, Relief, Soften {
  /** The longest reach, width or distance of any finish, in display units. */
  double MOST_REACH = 2000;

  /** Switched off, a finish keeps its values and draws nothing. */
  boolean on();

  /** The same finish with all its lengths so many times as long, as far as they may be. */
  Finish scaled(double by);

  /** Kept to a thousandth, so that going there and back does not pile up digits. */
  static double length(double units, double by) {
    return Math.min(MOST_REACH, Math.rint(units * by * 1000) / 1000);
  }
}
