package app.diaphan.core.targets;

import app.diaphan.core.Names;
import app.diaphan.core.Require;
import app.diaphan.core.deliver.FileKind;
import app.diaphan.core.deliver.Target;
import app.diaphan.core.overlay.Overlay;

/**
 * One of a package's ways of delivering its overlays.
 *
 * @param ifThere what is done with a file that has the name already
 */
public record NamedTarget(
    String name, TargetFrame frame, FileKind file, NamePattern pattern, IfThere ifThere) {
  private static final int LONGEST = 60;

  public NamedTarget {
    Names.check(name, LONGEST, "A target's name");
    Require.present(frame, "The frame of the target \"%s\"".formatted(name));
    Require.present(file, "The file of the target \"%s\"".formatted(name));
    Require.present(pattern, "The name pattern of the target \"%s\"".formatted(name));
    Require.present(ifThere, "What the target \"%s\" does with files".formatted(name));
  }

  NamedTarget named(String other) {
    return new NamedTarget(other, frame, file, pattern, ifThere);
  }

  public Target of(Overlay overlay) {
    return new Target(frame.of(overlay), file);
  }
}
