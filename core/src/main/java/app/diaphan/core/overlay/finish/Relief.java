package app.diaphan.core.overlay.finish;

import app.diaphan.core.Require;
import app.diaphan.core.colour.Colour;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.function.UnaryOperator;

/**
 * The edge stands out as if cut in glass: light on the slopes that face it, shade on those that
 * turn away. Neither needs a face, so a piece is readable by its edges alone.
 *
 * @param width of the slope, inwards from the edge
 * @param depth how steep the slope is: its height over its width, 0–10
 * @param angle direction that the light comes from, in degrees clockwise from rightwards
 * @param height of the light over the surface, in degrees, 0–90
 * @param sunk whether the face lies deeper than its edge instead of higher
 * @param lightOpacity of the lit slopes, 0–1
 * @param shadeOpacity of the shaded slopes, 0–1
 * @param opacity of both, 0–1
 */
@RecordBuilder
public record Relief(
    boolean on,
    double width,
    Profile profile,
    double depth,
    double angle,
    double height,
    boolean sunk,
    Colour light,
    double lightOpacity,
    Colour shade,
    double shadeOpacity,
    double opacity)
    implements Finish, ReliefBuilder.With {

  /** How the slope rises from the edge to the face. */
  public enum Profile {
    /** A quarter of a circle: steep at the edge, level where it meets the face. */
    ROUND,
    /** Straight, with a fold where it meets the face. */
    FLAT_CUT,
    /** Level at the edge and at the face, steep between. */
    SOFT
  }

  public Relief {
    Require.between(0, MOST_REACH, width, "The relief's width");
    Require.present(profile, "The relief's profile");
    Require.between(0, 10, depth, "The relief's depth");
    Require.between(-3600, 3600, angle, "The angle of the relief's light");
    Require.between(0, 90, height, "The height of the relief's light in degrees");
    Require.present(light, "The relief's light colour");
    Require.between(0, 1, lightOpacity, "The opacity of the relief's light");
    Require.present(shade, "The relief's shade colour");
    Require.between(0, 1, shadeOpacity, "The opacity of the relief's shade");
    Require.between(0, 1, opacity, "The relief's opacity");
  }

  @Override
  public Relief scaled(double by) {
    return ReliefBuilder.builder(this).width(Finish.length(width, by)).build();
  }

  @Override
  public Relief recoloured(UnaryOperator<Colour> other) {
    return ReliefBuilder.builder(this).light(other.apply(light)).shade(other.apply(shade)).build();
  }

  @Override
  public Relief led(UnaryOperator<Colour> other) {
    return withLight(other.apply(light));
  }
}
