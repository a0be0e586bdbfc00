package app.diaphan.core.roster;

import app.diaphan.core.targets.NamedTarget;
import java.util.List;
import java.util.function.Predicate;

/**
 * A row in one design at one target, as it would be delivered.
 *
 * @param row its place in the roster, from 0
 * @param name of the files, without what the target adds and without an extension; empty if it
 *     cannot have one
 * @param files full names of all files
 * @param problem why it cannot be named; empty if it can
 */
public record PlannedRow(
    int row,
    RosterDesign design,
    NamedTarget target,
    String name,
    List<String> files,
    String problem) {
  public PlannedRow {
    files = List.copyOf(files);
  }

  /** The planned name, or one with a number if files of that name are to stay. */
  public String freeName(Predicate<String> there) {
    return target.freeName(name, files, there);
  }

  /** Whether it is too large to be delivered beside another one, for its memory. */
  public boolean goesAlone() {
    return target.of(design.overlay()).goesAlone();
  }

  PlannedRow withProblem(String other) {
    return new PlannedRow(row, design, target, name, files, other);
  }
}
