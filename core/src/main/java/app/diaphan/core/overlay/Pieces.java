package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Finding and exchanging pieces in a stack and in the groups within it. */
public final class Pieces {
  private Pieces() {}

  /** All pieces from front to back, a group before the pieces in it. */
  public static Stream<Piece> all(List<Piece> stack) {
    return stack.stream()
        .flatMap(
            piece ->
                piece instanceof GroupPiece group
                    ? Stream.concat(Stream.of(piece), all(group.stack()))
                    : Stream.of(piece));
  }

  public static Optional<Piece> find(List<Piece> stack, String id) {
    return all(stack).filter(piece -> piece.id().equals(id)).findFirst();
  }

  /**
   * @throws InvalidInput if there is no such piece
   */
  public static Piece get(Overlay overlay, String id) {
    return find(overlay.stack(), id)
        .orElseThrow(
            () ->
                new InvalidInput(
                    Sentence.of(
                        "\"%s\" has no piece \"%s\"; it may have been taken away.",
                        overlay.name(), id)));
  }

  /** The pieces beside the one with this id, itself among them: its group's, or the overlay's. */
  public static List<Piece> beside(List<Piece> stack, String id) {
    if (stack.stream().anyMatch(piece -> piece.id().equals(id))) {
      return stack;
    }
    for (Piece piece : stack) {
      if (piece instanceof GroupPiece group) {
        List<Piece> found = beside(group.stack(), id);
        if (!found.isEmpty()) {
          return found;
        }
      }
    }
    return List.of();
  }

  /** The overlay with one piece exchanged, wherever it lies. */
  public static Overlay replaced(Overlay overlay, String id, UnaryOperator<Piece> by) {
    return overlay.withStack(
        mapped(overlay.stack(), piece -> piece.id().equals(id) ? by.apply(piece) : piece));
  }

  /** The overlay with the stack that holds a piece exchanged: a group's or its own. */
  public static Overlay rearranged(Overlay overlay, String id, UnaryOperator<List<Piece>> by) {
    return overlay.withStack(rearranged(overlay.stack(), id, by));
  }

  private static List<Piece> rearranged(
      List<Piece> stack, String id, UnaryOperator<List<Piece>> by) {
    if (stack.stream().anyMatch(piece -> piece.id().equals(id))) {
      return by.apply(stack);
    }
    return stack.stream()
        .map(
            piece ->
                piece instanceof GroupPiece group
                    ? group.withStack(rearranged(group.stack(), id, by))
                    : piece)
        .toList();
  }

  /** Each piece exchanged, those of a group before the group itself. */
  public static List<Piece> mapped(List<Piece> stack, UnaryOperator<Piece> by) {
    return stack.stream()
        .map(
            piece ->
                by.apply(
                    piece instanceof GroupPiece group
                        ? group.withStack(mapped(group.stack(), by))
                        : piece))
        .toList();
  }

  /** The ids of the pieces that decide where this one lies: what it hangs from or backs. */
  public static List<String> leansOn(Piece piece) {
    if (piece instanceof PlatePiece plate && plate.backing().any()) {
      return plate.backing().pieces();
    }
    return piece.place().hook() instanceof Hook.OfPiece(String other) ? List.of(other) : List.of();
  }

  /** Every id that a piece names, whether it is followed at present or not. */
  public static List<String> names(Piece piece) {
    List<String> ids = new ArrayList<>();
    if (piece.place().hook() instanceof Hook.OfPiece(String other)) {
      ids.add(other);
    }
    if (piece instanceof PlatePiece plate) {
      ids.addAll(plate.backing().pieces());
    }
    return ids;
  }

  /** A name like "text-3" that no piece of the overlay has and that is not among the taken. */
  public static String freeId(Overlay overlay, String stem, Collection<String> taken) {
    Set<String> ids = new HashSet<>(taken);
    all(overlay.stack()).forEach(piece -> ids.add(piece.id()));
    return freeId(stem, ids);
  }

  /** The same where all that are taken are known. */
  public static String freeId(String stem, Set<String> ids) {
    for (int i = 1; ; i++) {
      String id = stem + "-" + i;
      if (!ids.contains(id)) {
        return id;
      }
    }
  }
}
