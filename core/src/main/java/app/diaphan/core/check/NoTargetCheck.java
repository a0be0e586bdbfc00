package app.diaphan.core.check;

import app.diaphan.core.Sentence;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.targets.NamedTarget;
import java.util.List;

/** An overlay should go out on the frame that it was designed on. */
final class NoTargetCheck implements Check {
  @Override
  public List<Finding> of(Proofed proofed) {
    List<NamedTarget> targets = proofed.delivered().toList();
    Frame own = proofed.overlay().frame();
    if (targets.isEmpty()) {
      return List.of(
          new Finding(
              CheckKind.NO_TARGET,
              true,
              "",
              "The overlay goes out at none of the package's targets.",
              "Choose a target for it in Deliver."));
    }
    boolean matches =
        targets.stream()
            .map(target -> target.frame().of(proofed.overlay()))
            .anyMatch(frame -> frame.width() == own.width() && frame.height() == own.height());
    return matches
        ? List.of()
        : List.of(
            new Finding(
                CheckKind.NO_TARGET,
                false,
                "",
                Sentence.of(
                    "It is designed on %s, and none of its targets has that frame.",
                    own.sizeInWords()),
                "Add a target of this frame, or look at the others closely in Deliver."));
  }
}
