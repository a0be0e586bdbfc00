package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What holds for all pieces of an overlay together. */
final class StackRules {
  private static final int MOST_PIECES = 500;
  private static final int DEEPEST = 12;

  private final String overlay;
  private final Set<String> seen = new HashSet<>();

  private StackRules(String overlay) {
    this.overlay = overlay;
  }

  /**
   * @throws InvalidInput if two pieces share an id, pieces hang from or back each other in a
   *     circle, or there are too many of them
   */
  static void check(String overlay, List<Piece> stack) {
    new StackRules(overlay).checkStack(stack, 0);
  }

  private void checkStack(List<Piece> stack, int depth) {
    if (depth > DEEPEST) {
      throw new InvalidInput(Sentence.of("Groups can lie at most %d deep in each other.", DEEPEST));
    }
    for (Piece piece : stack) {
      if (!seen.add(piece.id())) {
        throw new InvalidInput(
            Sentence.of("Two pieces of \"%s\" have the id %s.", overlay, piece.id()));
      }
      if (seen.size() > MOST_PIECES) {
        throw new InvalidInput(Sentence.of("An overlay holds at most %d pieces.", MOST_PIECES));
      }
      checkHook(piece, depth > 0);
      if (piece instanceof GroupPiece group) {
        checkStack(group.stack(), depth + 1);
      }
    }
    checkCircles(stack);
  }

  private static void checkHook(Piece piece, boolean inGroup) {
    switch (piece.place().hook()) {
      case Hook.OfFrame same -> {
        if (inGroup) {
          throw new InvalidInput(
              Sentence.of(
                  "\"%s\" lies in a group and cannot hang from the frame; let it hang from the group or a piece in it.",
                  piece.name()));
        }
      }
      case Hook.OfGroup same -> {
        if (!inGroup) {
          throw new InvalidInput(
              Sentence.of("\"%s\" lies in no group and cannot hang from one.", piece.name()));
        }
      }
      case Hook.OfPiece same -> {}
    }
  }

  /** A piece's place must not depend on itself, over hooks and backs. */
  private static void checkCircles(List<Piece> stack) {
    Map<String, Piece> byId = new HashMap<>();
    stack.forEach(piece -> byId.put(piece.id(), piece));
    Set<String> settled = new HashSet<>();
    for (Piece piece : stack) {
      follow(piece, byId, settled, new HashSet<>());
    }
  }

  private static void follow(
      Piece piece, Map<String, Piece> byId, Set<String> settled, Set<String> onTheWay) {
    if (settled.contains(piece.id())) {
      return;
    }
    if (!onTheWay.add(piece.id())) {
      throw new InvalidInput(
          Sentence.of(
              "\"%s\" would hang from or back itself by way of other pieces; let one of them hang from something else.",
              piece.name()));
    }
    for (String other : Pieces.leansOn(piece)) {
      Piece next = byId.get(other);
      if (next != null) {
        follow(next, byId, settled, onTheWay);
      }
    }
    settled.add(piece.id());
  }
}
