package app.diaphan.core.check;

import java.util.List;

/** What drawing the overlay found by itself. */
final class DrawingCheck implements Check {
  @Override
  public List<Found> of(Proofed proofed) {
    return proofed.rendering().findings().stream()
        .map(finding -> new Found(CheckKind.DRAWING, true, finding.piece(), finding.sentence(), ""))
        .toList();
  }
}
