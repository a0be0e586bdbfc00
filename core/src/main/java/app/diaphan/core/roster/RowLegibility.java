package app.diaphan.core.roster;

import app.diaphan.core.check.Finding;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.RecentMemory;
import app.diaphan.core.memory.Remembered;
import app.diaphan.core.overlay.Overlay;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Whether words can be read in the colours, pictures and finishes that a row gives. Rows that give
 * the same wear one dress, which is drawn once, with the names of the columns for words. What
 * cannot be read without a row either is the design's matter: Proof tells of it, and it keeps no
 * row back.
 */
public final class RowLegibility {
  /** Bytes for what is known of the looks that rows have; some ten thousand. */
  private static final long REMEMBERED = 32L << 20;

  private final Function<Overlay, List<Finding>> proof;
  private final Remembered<Overlay, List<Finding>> judged =
      new RecentMemory(REMEMBERED).kind(Memory::bytesOf, Memory::bytesOf);

  /**
   * @param proof the check of the proof for one overlay at its own frame; it has to say the same of
   *     an overlay as long as this is used
   */
  public RowLegibility(Function<Overlay, List<Finding>> proof) {
    this.proof = proof;
  }

  List<RowTrouble> of(RosterDesign design, Row row) {
    Set<String> ofDesign =
        judged(Filling.without(design.overlay())).stream()
            .map(Finding::piece)
            .collect(Collectors.toSet());
    return judged(design.filling().dressed(design.overlay(), row)).stream()
        .filter(found -> !ofDesign.contains(found.piece()))
        .map(found -> RowTrouble.ofRow(found.sentence() + " " + found.remedy()))
        .toList();
  }

  private List<Finding> judged(Overlay overlay) {
    return judged.of(overlay, () -> proof.apply(overlay));
  }
}
