package app.diaphan.core.overlay;

import app.diaphan.core.Sentence;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Says in words how two states of an overlay differ. */
public final class Differences {
  private Differences() {}

  /** One sentence for each thing that differs; none if both are the same. */
  public static List<String> between(Overlay before, Overlay after) {
    List<String> sentences = new ArrayList<>();
    if (!before.name().equals(after.name())) {
      sentences.add(Sentence.of("It was named \"%s\".", before.name()));
    }
    if (!before.frame().equals(after.frame())) {
      sentences.add(
          Sentence.of(
              "Its frame was %s and is %s.",
              before.frame().sizeInWords(), after.frame().sizeInWords()));
    }
    Map<String, Piece> old = byId(before);
    Map<String, Piece> present = byId(after);
    present.forEach(
        (id, piece) -> {
          Piece was = old.get(id);
          if (was == null) {
            sentences.add(Sentence.of("\"%s\" was added.", piece.name()));
          } else if (!alone(was).equals(alone(piece))) {
            sentences.add(Sentence.of("\"%s\" was changed.", piece.name()));
          }
        });
    old.forEach(
        (id, piece) -> {
          if (!present.containsKey(id)) {
            sentences.add(Sentence.of("\"%s\" was taken away.", piece.name()));
          }
        });
    if (old.keySet().equals(present.keySet())
        && !List.copyOf(old.keySet()).equals(List.copyOf(present.keySet()))) {
      sentences.add("Pieces lie in another order.");
    }
    return sentences;
  }

  private static Map<String, Piece> byId(Overlay overlay) {
    Map<String, Piece> pieces = new LinkedHashMap<>();
    Pieces.all(overlay.stack()).forEach(piece -> pieces.put(piece.id(), piece));
    return pieces;
  }

  /** A group without its pieces, which are compared by themselves. */
  private static Piece alone(Piece piece) {
    return piece instanceof GroupPiece group ? group.withStack(List.of()) : piece;
  }
}
