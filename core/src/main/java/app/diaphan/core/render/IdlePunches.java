package app.diaphan.core.render;

import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.Punch;
import java.util.ArrayList;
import java.util.List;

/** Finds punches that cut through nothing. */
final class IdlePunches {
  private final List<DrawingTrouble> troubles = new ArrayList<>();

  private IdlePunches() {}

  static List<DrawingTrouble> of(List<PlacedPiece> frontToBack) {
    IdlePunches idle = new IdlePunches();
    idle.look(frontToBack, List.of());
    return idle.troubles;
  }

  /**
   * @param farther what lies behind the group of these
   */
  private void look(List<PlacedPiece> frontToBack, List<PlacedPiece> farther) {
    for (int i = 0; i < frontToBack.size(); i++) {
      PlacedPiece placed = frontToBack.get(i);
      if (!placed.piece().shown()) {
        continue;
      }
      List<PlacedPiece> behind = new ArrayList<>(frontToBack.subList(i + 1, frontToBack.size()));
      List<PlacedPiece> all = new ArrayList<>(behind);
      all.addAll(farther);
      Punch punch = placed.piece().look().punch();
      if (punch != Punch.NONE && !meets(placed, punch == Punch.GROUP ? behind : all)) {
        troubles.add(
            new DrawingTrouble(
                placed.piece().id(),
                Sentence.of(
                    "\"%s\" cuts through, but there is nothing behind it; put it in front of a piece.",
                    placed.piece().name()),
                false));
      }
      look(placed.inside(), all);
    }
  }

  private static boolean meets(PlacedPiece placed, List<PlacedPiece> others) {
    return others.stream()
        .filter(other -> other.piece().shown() && other.piece().look().punch() == Punch.NONE)
        .anyMatch(other -> other.bounds().intersects(placed.bounds()));
  }
}
