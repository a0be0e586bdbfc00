package app.diaphan.core.house;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Require;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Look;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.Piece;
import app.diaphan.core.overlay.Pieces;
import app.diaphan.core.overlay.finish.Finish;
import java.util.List;

/**
 * Finishes kept under a name, which pieces can follow.
 *
 * @param lines the shorter side of the frame that the lengths were made for, in display units
 */
public record FinishSet(String name, double lines, List<Finish> finishes) {
  public FinishSet {
    Names.check(name, 60, "A finish set's name");
    Require.between(1, 100_000, lines, "The lines of the finish set \"" + name + "\"");
    Require.present(finishes, "The finishes of the set \"" + name + "\"");
    finishes = List.copyOf(finishes);
  }

  /** The finishes with lengths that look on another frame as they do on their own. */
  public List<Finish> on(Frame frame) {
    return on(frame.shortSide());
  }

  /** The same for a frame of so many display units on its shorter side. */
  List<Finish> on(double shortSide) {
    double by = shortSide / lines;
    return by == 1 ? finishes : finishes.stream().map(finish -> finish.scaled(by)).toList();
  }

  /**
   * The overlay with these finishes on some of its pieces.
   *
   * @param followed whether they change with the set from now on
   * @throws InvalidInput if a piece is not there
   */
  public Overlay given(Overlay overlay, List<String> pieces, boolean followed) {
    Overlay now = overlay;
    for (String id : pieces) {
      Pieces.get(now, id);
      now = Pieces.replaced(now, id, piece -> piece.withLook(given(piece, overlay, followed)));
    }
    return now;
  }

  private Look given(Piece piece, Overlay overlay, boolean followed) {
    return piece.look().withFinishes(on(overlay.frame())).following(followed ? name : "");
  }
}
