package app.diaphan.core.roster;

import app.diaphan.core.check.Found;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.Remembered;
import app.diaphan.core.overlay.Overlay;
import java.util.List;
import java.util.function.Function;

/**
 * Whether words can be read in the colours, pictures and finishes that a row gives. Rows that give
 * the same wear one dress, which is drawn once, with the names of the columns for words.
 */
public final class RowLegibility {
  private final String surroundings;
  private final Function<Overlay, List<Found>> proof;
  private final Remembered<Dress, List<RowTrouble>> judged;

  /**
   * @param surroundings all that decides besides the overlay: what its pictures hold, the stills
   * @param proof the check of the proof for one overlay at its own frame
   * @param judged as {@link #in} gives it
   */
  public RowLegibility(
      String surroundings,
      Function<Overlay, List<Found>> proof,
      Remembered<Dress, List<RowTrouble>> judged) {
    this.surroundings = surroundings;
    this.proof = proof;
    this.judged = judged;
  }

  /** An overlay as rows of one look show it. */
  public record Dress(String surroundings, Overlay overlay) {}

  public static Remembered<Dress, List<RowTrouble>> in(Memory memory) {
    return memory.kind(Memory::bytesOf, Memory::bytesOf);
  }

  List<RowTrouble> of(RosterDesign design, Row row) {
    Overlay dressed = design.filling().dressed(design.overlay(), row);
    return judged.of(
        new Dress(surroundings, dressed),
        () ->
            proof.apply(dressed).stream()
                .map(found -> RowTrouble.ofRow(found.sentence() + " " + found.remedy()))
                .toList());
  }
}
