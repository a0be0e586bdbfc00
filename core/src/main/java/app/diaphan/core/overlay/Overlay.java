package app.diaphan.core.overlay;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Require;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.dress.Dress;
import app.diaphan.core.overlay.retarget.ForTarget;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * One still transparent picture, designed on a master frame.
 *
 * @param stack the pieces from front to back
 * @param forTargets what is different at targets of the package; only where something is
 * @param dress which values of the house's colours it wears
 * @param kept what of the house stays as it was on this overlay
 */
@RecordBuilder
public record Overlay(
    String name,
    Frame frame,
    List<Piece> stack,
    List<ForTarget> forTargets,
    Dress dress,
    List<Kept> kept)
    implements OverlayBuilder.With {
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
    Require.present(dress, "Which dress of the house the overlay wears");
    kept = Kept.checked(kept);
  }

  /** An overlay that is the same at every target, and follows whatever it follows. */
  public Overlay(String name, Frame frame, List<Piece> stack) {
    this(name, frame, stack, List.of(), Dress.LIGHT, List.of());
  }
}
