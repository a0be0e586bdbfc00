package app.diaphan.core.type;

/**
 * How far signs at the ends of a line hang out of it, so that the letters themselves seem to begin
 * and end at the edge: light signs wholly, heavier ones in part.
 */
final class Hanging {
  private static final String WHOLLY = "\"'“”„‘’‚«»‹›.,·";
  private static final String HALF = "-–—:;*†";

  private Hanging() {}

  /** Share of the sign's advance that hangs out, 0–1. */
  static double share(int codePoint) {
    if (WHOLLY.indexOf(codePoint) >= 0) {
      return 1;
    }
    return HALF.indexOf(codePoint) >= 0 ? 0.5 : 0;
  }
}
