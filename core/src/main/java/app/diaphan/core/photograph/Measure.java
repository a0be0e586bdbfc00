package app.diaphan.core.photograph;

import app.diaphan.core.Require;

/** A length on photographs, which have no common size. */
public sealed interface Measure {
  /**
   * A share of the photograph's shorter side.
   *
   * @param share 0–1
   */
  record OfShorterSide(double share) implements Measure {
    public OfShorterSide {
      Require.between(0, 1, share, "The share of the photograph's shorter side");
    }
  }

  /** The same on all photographs. */
  record Pixels(double pixels) implements Measure {
    private static final double MOST = 100_000;

    public Pixels {
      Require.between(0, MOST, pixels, "The length on the photograph");
    }
  }

  /** In pixels of a photograph of this size. */
  default double on(int width, int height) {
    return switch (this) {
      case OfShorterSide(double share) -> share * Math.min(width, height);
      case Pixels(double pixels) -> pixels;
    };
  }
}
