package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.frame.Frame;
import java.util.List;

/**
 * One still transparent picture, designed on a master frame.
 *
 * @param stack the pieces from front to back
 */
public record Overlay(String name, Frame frame, List<Piece> stack) {

  public Overlay {
    Require.present(name, "The overlay's name");
    if (name.isBlank() || name.length() > 120) {
      throw new InvalidInput("An overlay's name has 1 to 120 characters.");
    }
    Require.present(frame, "The overlay's frame");
    Require.present(stack, "The overlay's stack");
    StackRules.check(name, stack);
    stack = List.copyOf(stack);
  }

  public Overlay withStack(List<Piece> other) {
    return new Overlay(name, frame, other);
  }
}
