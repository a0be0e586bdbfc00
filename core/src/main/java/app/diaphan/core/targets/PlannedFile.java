package app.diaphan.core.targets;

import app.diaphan.core.frame.Frame;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.raster.Bounds;
import java.util.List;
import java.util.function.Predicate;

/**
 * One overlay at one target, as it would be delivered.
 *
 * @param place of the overlay among those that were planned
 * @param overlay as the target shows it
 * @param name of the files, without what the target adds and without an extension
 * @param files full names of all files
 * @param extent the part of the frame that the files hold; empty if they would hold nothing
 * @param problem why it cannot be delivered; empty if it can
 */
public record PlannedFile(
    int place,
    NamedTarget target,
    Overlay overlay,
    String name,
    List<String> files,
    Bounds extent,
    String problem) {
  private static final long MOST_BESIDE_ANOTHER = 3840L * 2160;

  PlannedFile withProblem(String other) {
    return new PlannedFile(place, target, overlay, name, files, extent, other);
  }

  /**
   * The planned name, or one with a number if files of that name are to stay.
   *
   * @param there whether a file of a name is there
   */
  public String freeName(Predicate<String> there) {
    String free = name;
    for (int i = 2; target.ifThere() == IfThere.KEEP_BESIDE && anyThere(free, there); i++) {
      free = name + "-" + i;
    }
    return free;
  }

  private boolean anyThere(String other, Predicate<String> there) {
    return files.stream().anyMatch(file -> there.test(other + file.substring(name.length())));
  }

  /** Whether it is too large to be delivered beside another one, for its memory. */
  public boolean goesAlone() {
    Frame frame = target.of(overlay).frame();
    return (long) frame.width() * frame.height() > MOST_BESIDE_ANOTHER;
  }

  public boolean possible() {
    return problem.isEmpty();
  }
}
