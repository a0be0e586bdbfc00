package app.diaphan.core.overlay;

/** How the lines of a text lie to each other. */
public enum TextAlignment {
  LEFT(0),
  CENTRE(0.5),
  RIGHT(1);

  private final double share;

  TextAlignment(double share) {
    this.share = share;
  }

  /** Share of a line's spare width that lies on its left, 0–1. */
  public double share() {
    return share;
  }
}
