package app.diaphan.core.arrange;

import app.diaphan.core.overlay.Piece;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;

/** Bringing pieces towards the front or the back of the stack they lie in. */
final class Ordering {
  private Ordering() {}

  /** The chosen pieces keep their order among each other. */
  static List<Piece> of(List<Piece> stack, Set<String> chosen, Arrangement.Step step) {
    List<Piece> moved = new ArrayList<>(stack);
    switch (step) {
      case FORWARD -> {
        for (int i = 1; i < moved.size(); i++) {
          if (chosen.contains(moved.get(i).id()) && !chosen.contains(moved.get(i - 1).id())) {
            Collections.swap(moved, i, i - 1);
          }
        }
      }
      case BACK -> {
        for (int i = moved.size() - 2; i >= 0; i--) {
          if (chosen.contains(moved.get(i).id()) && !chosen.contains(moved.get(i + 1).id())) {
            Collections.swap(moved, i, i + 1);
          }
        }
      }
      // A stable sort keeps the order within each part.
      case TO_FRONT -> moved.sort((a, b) -> rank(b, chosen) - rank(a, chosen));
      case TO_BACK -> moved.sort((a, b) -> rank(a, chosen) - rank(b, chosen));
    }
    return moved;
  }

  private static int rank(Piece piece, Set<String> chosen) {
    return chosen.contains(piece.id()) ? 1 : 0;
  }
}
