package app.diaphan.core.frame;

/** Lengths on a frame: one is the height of one of its lines. */
public final class DisplayUnits {
  /** Longer is nothing that is there to be seen, on the largest frame. */
  public static final double MOST = 100_000;

  private DisplayUnits() {}
}
