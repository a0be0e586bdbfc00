package app.diaphan.core.overlay.finish;

import app.diaphan.core.Require;
import app.diaphan.core.colour.Colour;
import java.util.function.UnaryOperator;

/**
 * A glow along the inside of the edge, alike in all directions.
 *
 * @param reach how far from the edge it has faded to nothing
 * @param firmness share of the reach that stays solid, 0–1
 * @param opacity 0–1, on top of the colour's own alpha
 */
public record Rim(boolean on, double reach, double firmness, Colour colour, double opacity)
    implements Finish {
  public Rim {
    Require.between(0, MOST_REACH, reach, "The rim's reach");
    Require.between(0, 1, firmness, "The rim's firmness");
    Require.present(colour, "The rim's colour");
    Require.between(0, 1, opacity, "The rim's opacity");
  }

  @Override
  public Rim scaled(double by) {
    return new Rim(on, Finish.length(reach, by), firmness, colour, opacity);
  }

  @Override
  public Rim recoloured(UnaryOperator<Colour> other) {
    return withColour(other.apply(colour));
  }

  public Rim withColour(Colour other) {
    return new Rim(on, reach, firmness, other, opacity);
  }
}
