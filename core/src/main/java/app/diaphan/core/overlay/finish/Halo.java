package app.diaphan.core.overlay.finish;

import app.diaphan.core.Require;
import app.diaphan.core.colour.Colour;
import java.util.function.UnaryOperator;

/**
 * A soft light or dark all round the piece, behind it.
 *
 * @param reach how far it fades outwards; 0 is a hard edge
 * @param firmness share of the reach that stays solid, 0–1
 * @param opacity 0–1, on top of the colour's own alpha
 */
public record Halo(
    boolean on, double reach, double firmness, Colour colour, double opacity, UnderFace underFace)
    implements Finish {
  public Halo {
    Require.between(0, MOST_REACH, reach, "The halo's reach");
    Require.between(0, 1, firmness, "The halo's firmness");
    Require.present(colour, "The halo's colour");
    Require.between(0, 1, opacity, "The halo's opacity");
    Require.present(underFace, "What the halo does under the face");
  }

  @Override
  public Halo scaled(double by) {
    return new Halo(on, Finish.length(reach, by), firmness, colour, opacity, underFace);
  }

  @Override
  public Halo recoloured(UnaryOperator<Colour> other) {
    return withColour(other.apply(colour));
  }

  public Halo withColour(Colour other) {
    return new Halo(on, reach, firmness, other, opacity, underFace);
  }
}
