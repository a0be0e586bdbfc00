package app.diaphan.core.code;

/**
 * How much of a code may be hidden or spoilt and it is read all the same, by the letters that
 * ISO/IEC 18004 has for it. More of it makes more and smaller modules.
 */
public enum Correction {
  L(0.07),
  M(0.15),
  Q(0.25),
  H(0.3);

  private final double share;

  Correction(double share) {
    this.share = share;
  }

  /** Share of the code that may be lost, 0–1. */
  public double share() {
    return share;
  }
}
