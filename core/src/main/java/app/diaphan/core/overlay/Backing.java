package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.frame.DisplayUnits;
import java.util.List;

/**
 * How a plate lies around other pieces of its stack, growing and moving with them. A plate around
 * one piece turns with it; around several it lies level around all their boxes.
 *
 * @param pieces their ids; none for a plate with a size of its own
 * @param left room between the pieces and the plate's edge, in display units; may be negative
 */
public record Backing(List<String> pieces, double left, double top, double right, double bottom) {
  public static final Backing NOTHING = new Backing(List.of(), 0, 0, 0, 0);
  private static final int MOST = 64;

  public Backing {
    Require.present(pieces, "The list of pieces that a plate backs");
    if (pieces.size() > MOST) {
      throw new InvalidInput(Sentence.of("A plate can back at most %d pieces.", MOST));
    }
    Require.between(-DisplayUnits.MOST, DisplayUnits.MOST, left, "The padding on the left");
    Require.between(-DisplayUnits.MOST, DisplayUnits.MOST, top, "The padding above");
    Require.between(-DisplayUnits.MOST, DisplayUnits.MOST, right, "The padding on the right");
    Require.between(-DisplayUnits.MOST, DisplayUnits.MOST, bottom, "The padding below");
    pieces = List.copyOf(pieces);
  }

  public boolean any() {
    return !pieces.isEmpty();
  }

  public Backing withPieces(List<String> other) {
    return new Backing(other, left, top, right, bottom);
  }
}
