package app.diaphan.core.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.Pieces;
import java.util.List;

/** Hidden pieces are not delivered, which may be meant. */
final class HiddenCheck implements Check {
  @Override
  public List<Finding> of(Proofed proofed) {
    return Pieces.all(proofed.overlay().stack())
        .filter(piece -> !piece.shown())
        .map(
            piece ->
                new Finding(
                    CheckKind.HIDDEN,
                    false,
                    piece.id(),
                    Sentence.of("\"%s\" is hidden and will not be delivered.", piece.name()),
                    "Show it, or take it away if it is not needed."))
        .toList();
  }
}
