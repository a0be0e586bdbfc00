package app.diaphan.core.overlay.finish;

import app.diaphan.core.Require;
import app.diaphan.core.colour.Colour;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.function.UnaryOperator;

/**
 * A glow along the inside of the edge, alike in all directions.
 *
 * @param reach how far from the edge it has faded to nothing
 * @param firmness share of the reach that stays solid, 0–1
 * @param opacity 0–1, on top of the colour's own alpha
 */
@RecordBuilder
public record Rim(boolean on, double reach, double firmness, Colour colour, double opacity)
    implements Finish, RimBuilder.With {
  public Rim {
    Require.between(0, MOST_REACH, reach, "The rim's reach");
    Require.between(0, 1, firmness, "The rim's firmness");
    Require.present(colour, "The rim's colour");
    Require.between(0, 1, opacity, "The rim's opacity");
  }

  @Override
  public Rim scaled(double by) {
    return RimBuilder.builder(this).reach(Finish.length(reach, by)).build();
  }

  @Override
  public Rim recoloured(UnaryOperator<Colour> other) {
    return withColour(other.apply(colour));
  }
}
