package app.diaphan.core.overlay.finish;

import app.diaphan.core.Require;
import app.diaphan.core.colour.Colour;
import java.util.function.UnaryOperator;

/**
 * The edge feathered on purpose: that of the face with all that is on it, and of outlines. Shadows
 * and halos have a reach of their own and stay.
 *
 * @param reach how far the edge fades; 0 leaves it as it is
 */
public record Soften(boolean on, double reach, Side side) implements Finish {

  /** Where the edge fades. */
  public enum Side {
    INSIDE,
    OUTSIDE,
    BOTH
  }

  public Soften {
    Require.between(0, MOST_REACH, reach, "The softening's reach");
    Require.present(side, "The side on which the edge is softened");
  }

  @Override
  public Soften scaled(double by) {
    return new Soften(on, Finish.length(reach, by), side);
  }

  @Override
  public Soften recoloured(UnaryOperator<Colour> other) {
    return this;
  }
}
