package app.diaphan.core.check;

import app.diaphan.core.cutout.Specks;
import app.diaphan.core.overlay.cutout.CutOut;
import java.util.ArrayList;
import java.util.List;

/** A cut-out must not leave specks of what it took away. */
final class SpecksCheck implements Check {
  /** Parts of fewer pixels than this are specks. */
  static final int SPECK = 24;

  @Override
  public List<Found> of(Proofed proofed) {
    List<Found> found = new ArrayList<>();
    proofed
        .pixelled()
        .filter(one -> !one.piece().cutOut().equals(CutOut.NONE))
        .forEach(
            one -> {
              int specks =
                  Specks.count(proofed.renderer().cut(one.picture(), one.piece().cutOut()), SPECK);
              if (specks > 0) {
                found.add(
                    new Found(
                        CheckKind.SPECKS,
                        true,
                        one.piece().id(),
                        "The cut-out of \"%s\" has left %d %s of fewer than %d px."
                            .formatted(
                                one.piece().name(),
                                specks,
                                specks == 1 ? "speck" : "specks",
                                SPECK),
                        "Let its edge drop specks, or mark them to be dropped."));
              }
            });
    return found;
  }
}
