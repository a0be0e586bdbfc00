package app.diaphan.core.overlay;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** The font families that words are set in. */
public final class Families {
  private Families() {}

  /** Of all texts, those in groups too. */
  public static Set<String> in(List<Piece> stack) {
    Set<String> families = new TreeSet<>();
    Pieces.all(stack)
        .filter(TextPiece.class::isInstance)
        .flatMap(piece -> ((TextPiece) piece).runs().stream())
        .forEach(run -> families.add(run.family()));
    return families;
  }
}
