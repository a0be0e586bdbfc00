package app.diaphan.core.overlay;

import app.diaphan.core.Require;

/** The outline of a plate within its box. */
public sealed interface PlateShape {
  record Rectangle() implements PlateShape {}

  /**
   * @param radius of all four corners in display units; cut to half the shorter side when drawn
   */
  record RoundedRectangle(double radius) implements PlateShape {
    public RoundedRectangle {
      Require.between(0, PieceRules.LARGEST, radius, "The corner radius");
    }
  }

  record Ellipse() implements PlateShape {}
}
