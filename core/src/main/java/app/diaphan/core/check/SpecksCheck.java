package app.diaphan.core.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.cutout.Specks;
import app.diaphan.core.overlay.cutout.CutOut;
import java.util.ArrayList;
import java.util.List;

/** Neither a cut-out nor the alpha that a picture came with may leave specks. */
final class SpecksCheck implements Check {
  /** Parts of fewer pixels than this are specks. */
  static final int SPECK = 24;

  @Override
  public List<Finding> of(Proofed proofed) {
    List<Finding> found = new ArrayList<>();
    proofed
        .pixelled()
        .filter(one -> cut(one) || one.picture().hasAlpha())
        .forEach(
            one -> {
              int specks =
                  Specks.count(proofed.renderer().cut(one.picture(), one.piece().cutOut()), SPECK);
              if (specks > 0) {
                found.add(found(one, specks));
              }
            });
    return found;
  }

  private static boolean cut(Proofed.Pixelled one) {
    return !one.piece().cutOut().equals(CutOut.NONE);
  }

  private static Finding found(Proofed.Pixelled one, int specks) {
    String what =
        Sentence.of("%d %s of fewer than %d px", specks, specks == 1 ? "speck" : "specks", SPECK);
    return new Finding(
        CheckKind.SPECKS,
        true,
        one.piece().id(),
        cut(one)
            ? Sentence.of("The cut-out of \"%s\" has left %s.", one.piece().name(), what)
            : Sentence.of(
                "The alpha of \"%s\" has %s away from what it shows.", one.piece().name(), what),
        cut(one)
            ? "Let its edge drop specks, or mark them to be dropped."
            : "Cut it out with an edge that drops specks, or replace the file by a clean one.");
  }
}
