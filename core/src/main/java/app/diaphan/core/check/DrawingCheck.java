package app.diaphan.core.check;

import java.util.List;

/** What drawing the overlay found by itself. */
final class DrawingCheck implements Check {
  @Override
  public List<Finding> of(Proofed proofed) {
    return proofed.rendering().troubles().stream()
        .map(
            trouble ->
                new Finding(CheckKind.DRAWING, true, trouble.piece(), trouble.sentence(), ""))
        .toList();
  }
}
