package app.diaphan.core.roster;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.Delivered;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.Progress;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.reframe.Retargeting;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Delivers rows: each is filled, checked and written by itself, and needs nothing of the others.
 */
public final class RowDelivery {
  private final Deliverer deliverer;
  private final RowChecks checks;

  public RowDelivery(Deliverer deliverer, RowChecks checks) {
    this.deliverer = deliverer;
    this.checks = checks;
  }

  /** The overlay that a row's files at a target show. */
  public static Overlay shown(PlannedRow planned, Row row) {
    RosterDesign design = planned.design();
    return Retargeting.of(
        design.filling().fill(design.overlay(), row).overlay(), planned.target().name());
  }

  /**
   * @param name of the files, as planned or free beside others
   * @throws InvalidInput with all its troubles if the row cannot be delivered; nothing is written
   *     then
   */
  public List<Delivered> deliver(
      PlannedRow planned, Row row, Path folder, String name, Progress progress) {
    List<RowTrouble> troubles = checks.of(planned, row);
    if (!troubles.isEmpty()) {
      throw new InvalidInput(
          Sentence.of(
              "Row %d was not delivered in \"%s\". %s",
              planned.row() + 1, planned.design().overlay().name(), inWords(troubles)));
    }
    Overlay overlay = shown(planned, row);
    return deliverer.deliver(overlay, planned.target().of(overlay), folder, name, progress);
  }

  /** All troubles in one line, each with its column. */
  public static String inWords(List<RowTrouble> troubles) {
    return troubles.stream()
        .map(
            trouble ->
                trouble.column().isEmpty()
                    ? trouble.sentence()
                    : Sentence.of("%s: %s", trouble.column(), trouble.sentence()))
        .collect(Collectors.joining(" "));
  }
}
