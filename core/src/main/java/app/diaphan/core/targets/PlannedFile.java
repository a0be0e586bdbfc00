package app.diaphan.core.targets;

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
  public PlannedFile withProblem(String other) {
    return new PlannedFile(place, target, overlay, name, files, extent, other);
  }

  /**
   * The planned name, or one with a number if files of that name are to stay.
   *
   * @param there whether a file of a name is there
   */
  public String freeName(Predicate<String> there) {
    return target.freeName(name, files, there);
  }

  /** Whether it is too large to be delivered beside another one, for its memory. */
  public boolean goesAlone() {
    return target.of(overlay).goesAlone();
  }

  public boolean possible() {
    return problem.isEmpty();
  }
}
