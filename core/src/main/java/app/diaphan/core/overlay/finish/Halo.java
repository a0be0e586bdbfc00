package app.diaphan.core.overlay.finish;

import app.diaphan.core.Require;
import app.diaphan.core.colour.Colour;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.function.UnaryOperator;

/**
 * A soft light or dark all round the piece, behind it.
 *
 * @param reach how far it fades outwards; 0 is a hard edge
 * @param firmness share of the reach that stays solid, 0–1
 * @param opacity 0–1, on top of the colour's own alpha
 */
@RecordBuilder
public record Halo(
    boolean on, double reach, double firmness, Colour colour, double opacity, UnderFace underFace)
    implements Finish, HaloBuilder.With {
  public Halo {
    Require.between(0, MOST_REACH, reach, "The halo's reach");
    Require.between(0, 1, firmness, "The halo's firmness");
    Require.present(colour, "The halo's colour");
    Require.between(0, 1, opacity, "The halo's opacity");
    Require.present(underFace, "What the halo does under the face");
  }

  @Override
  public Halo scaled(double by) {
    return HaloBuilder.builder(this).reach(Finish.length(reach, by)).build();
  }

  @Override
  public Halo recoloured(UnaryOperator<Colour> other) {
    return withColour(other.apply(colour));
  }
}
