package app.diaphan.core.overlay.finish;

import app.diaphan.core.Require;
import app.diaphan.core.colour.Colour;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.function.UnaryOperator;

/**
 * A shadow that falls into the face from its edge, as if the face lay deeper than what is round it.
 *
 * @param angle direction in which it falls, in degrees clockwise from rightwards
 * @param distance how far it falls
 * @param reach how far its edge fades inwards; 0 is a hard edge
 * @param firmness share of the reach that stays solid, 0–1
 * @param opacity 0–1, on top of the colour's own alpha
 */
@RecordBuilder
public record Inset(
    boolean on,
    double angle,
    double distance,
    double reach,
    double firmness,
    Colour colour,
    double opacity)
    implements Finish, InsetBuilder.With {
  public Inset {
    Require.between(-3600, 3600, angle, "The inset's angle");
    Require.between(0, MOST_REACH, distance, "The inset's distance");
    Require.between(0, MOST_REACH, reach, "The inset's reach");
    Require.between(0, 1, firmness, "The inset's firmness");
    Require.present(colour, "The inset's colour");
    Require.between(0, 1, opacity, "The inset's opacity");
  }

  @Override
  public Inset scaled(double by) {
    return InsetBuilder.builder(this)
        .distance(Finish.length(distance, by))
        .reach(Finish.length(reach, by))
        .build();
  }

  @Override
  public Inset recoloured(UnaryOperator<Colour> other) {
    return withColour(other.apply(colour));
  }
}
