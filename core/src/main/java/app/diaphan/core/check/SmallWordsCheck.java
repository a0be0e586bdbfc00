package app.diaphan.core.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Run;
import app.diaphan.core.overlay.TextPiece;
import app.diaphan.core.overlay.TextSetting;
import app.diaphan.core.render.Content;
import app.diaphan.core.render.PlacedPiece;
import java.util.ArrayList;
import java.util.List;

/**
 * Words have to be large enough for how the frame is seen: capitals of a sixtieth of its shorter
 * side, which is 18 px of 1080 lines; on a square mark that is shown at 150 px, of 8 px there.
 */
final class SmallWordsCheck implements Check {
  private static final double SHARE = 1.0 / 60;

  /** Side of a channel mark, and how small it is shown. */
  private static final int MARK_SIDE = 800;

  private static final double MARK_SHARE = 8.0 / 150;

  /** Capitals of most fonts, as a share of the font's size. */
  private static final double CAPITALS = 0.7;

  @Override
  public List<Finding> of(Proofed proofed) {
    Frame frame = proofed.overlay().frame();
    boolean mark = frame.width() == MARK_SIDE && frame.height() == MARK_SIDE;
    double least = (mark ? MARK_SHARE : SHARE) * Math.min(frame.width(), frame.height());
    List<Finding> found = new ArrayList<>();
    proofed
        .shown()
        .forEach(
            placed -> {
              if (placed.piece() instanceof TextPiece text
                  && placed.content() instanceof Content.Lettered letters) {
                double capitals =
                    smallest(text)
                        * letters.set().fitted().size()
                        * Proofed.unit(placed, proofed.rendering().canvas());
                if (capitals > 0 && capitals < least) {
                  found.add(found(placed, capitals, least, mark));
                }
              }
            });
    return found;
  }

  private static Finding found(PlacedPiece placed, double capitals, double least, boolean mark) {
    return new Finding(
        CheckKind.SMALL_WORDS,
        true,
        placed.piece().id(),
        Sentence.of(
            "The capitals of \"%s\" are %.0f px high%s; %.0f px can be read.",
            placed.piece().name(),
            capitals,
            mark ? " on a mark that is shown at 150 px" : " on this frame",
            Math.ceil(least)),
        "Set the words larger, or take them out.");
  }

  /** Height of the smallest capitals that are set, in display units; 0 without words. */
  private static double smallest(TextPiece text) {
    double share = text.setting().sizedBy() == TextSetting.SizedBy.CAP_HEIGHT ? 1 : CAPITALS;
    return text.runs().stream()
        .filter(run -> !run.words().isBlank())
        .mapToDouble(Run::size)
        .map(size -> size * share)
        .min()
        .orElse(0);
  }
}
