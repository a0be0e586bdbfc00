package app.diaphan.core.check;

import java.util.List;

/** Looks for one kind of mistake. */
@FunctionalInterface
interface Check {
  List<Finding> of(Proofed proofed);
}
