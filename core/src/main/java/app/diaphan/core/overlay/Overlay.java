package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Require;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.retarget.ForTarget;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * One still transparent picture, designed on a master frame.
 *
 * @param stack the pieces from front to back
 * @param forTargets what is different at targets of the package; only where something is
 */
public record Overlay(String name, Frame frame, List<Piece> stack, List<ForTarget> forTargets) {
  /** Characters. */
  static final int LONGEST_NAME = 120;

  public Overlay {
    Names.check(name, LONGEST_NAME, "An overlay's name");
    Require.present(frame, "The overlay's frame");
    Require.present(stack, "The overlay's stack");
    StackRules.check(name, stack);
    stack = List.copyOf(stack);
    Require.present(forTargets, "What is different at targets");
    if (forTargets.stream().map(ForTarget::target).distinct().count() < forTargets.size()) {
      throw new InvalidInput("The overlay says twice what is different at a target.");
    }
    Set<String> ids = Pieces.all(stack).map(Piece::id).collect(Collectors.toSet());
    forTargets =
        forTargets.stream().map(there -> there.keeping(ids)).filter(ForTarget::says).toList();
  }

  /** An overlay that is the same at every target. */
  public Overlay(String name, Frame frame, List<Piece> stack) {
    this(name, frame, stack, List.of());
  }

  public Overlay withStack(List<Piece> other) {
    return new Overlay(name, frame, other, forTargets);
  }

  public Overlay withForTargets(List<ForTarget> other) {
    return new Overlay(name, frame, stack, other);
  }
}
