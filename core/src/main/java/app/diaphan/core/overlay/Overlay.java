package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.frame.Frame;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * One still transparent picture, designed on a master frame.
 *
 * @param stack the pieces from front to back
 */
public record Overlay(String name, Frame frame, List<Piece> stack) {
  private static final int MOST_PIECES = 500;

  public Overlay {
    Require.present(name, "The overlay's name");
    if (name.isBlank() || name.length() > 120) {
      throw new InvalidInput("An overlay's name has 1 to 120 characters.");
    }
    Require.present(frame, "The overlay's frame");
    Require.present(stack, "The overlay's stack");
    if (stack.size() > MOST_PIECES) {
      throw new InvalidInput("An overlay holds at most %d pieces.".formatted(MOST_PIECES));
    }
    Set<String> seen = new HashSet<>();
    for (Piece piece : stack) {
      if (!seen.add(piece.id())) {
        throw new InvalidInput("Two pieces of \"%s\" have the id %s.".formatted(name, piece.id()));
      }
    }
    stack = List.copyOf(stack);
  }

  public Overlay withStack(List<Piece> other) {
    return new Overlay(name, frame, other);
  }
}
