package app.diaphan.core.overlay.finish;

import app.diaphan.core.Require;
import app.diaphan.core.colour.Colour;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.function.UnaryOperator;

/**
 * The piece's shape cast on what lies behind it.
 *
 * @param angle direction in which it falls, in degrees clockwise from rightwards
 * @param distance how far it falls
 * @param reach how far its edge fades outwards; 0 is a hard edge
 * @param firmness share of the reach that stays solid, 0–1
 * @param opacity 0–1, on top of the colour's own alpha
 */
@RecordBuilder
public record Shadow(
    boolean on,
    double angle,
    double distance,
    double reach,
    double firmness,
    Colour colour,
    double opacity,
    UnderFace underFace)
    implements Finish, ShadowBuilder.With {
  public Shadow {
    Require.between(-3600, 3600, angle, "The shadow's angle");
    Require.between(0, MOST_REACH, distance, "The shadow's distance");
    Require.between(0, MOST_REACH, reach, "The shadow's reach");
    Require.between(0, 1, firmness, "The shadow's firmness");
    Require.present(colour, "The shadow's colour");
    Require.between(0, 1, opacity, "The shadow's opacity");
    Require.present(underFace, "What the shadow does under the face");
  }

  @Override
  public Shadow scaled(double by) {
    return ShadowBuilder.builder(this)
        .distance(Finish.length(distance, by))
        .reach(Finish.length(reach, by))
        .build();
  }

  @Override
  public Shadow recoloured(UnaryOperator<Colour> other) {
    return withColour(other.apply(colour));
  }
}
