package app.diaphan.core.roster;

import app.diaphan.core.check.Found;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.RecentMemory;
import app.diaphan.core.memory.Remembered;
import app.diaphan.core.overlay.Overlay;
import java.util.List;
import java.util.function.Function;

/**
 * Whether words can be read in the colours, pictures and finishes that a row gives. Rows that give
 * the same wear one dress, which is drawn once, with the names of the columns for words.
 */
public final class RowLegibility {
  /** Bytes for what is known of the looks that rows have; some ten thousand. */
  private static final long REMEMBERED = 32L << 20;

  private final Function<Overlay, List<Found>> proof;
  private final Remembered<Overlay, List<RowTrouble>> judged =
      new RecentMemory(REMEMBERED).kind(Memory::bytesOf, Memory::bytesOf);

  /**
   * @param proof the check of the proof for one overlay at its own frame; it has to say the same of
   *     an overlay as long as this is used
   */
  public RowLegibility(Function<Overlay, List<Found>> proof) {
    this.proof = proof;
  }

  List<RowTrouble> of(RosterDesign design, Row row) {
    Overlay dressed = design.filling().dressed(design.overlay(), row);
    return judged.of(
        dressed,
        () ->
            proof.apply(dressed).stream()
                .map(found -> RowTrouble.ofRow(found.sentence() + " " + found.remedy()))
                .toList());
  }
}
