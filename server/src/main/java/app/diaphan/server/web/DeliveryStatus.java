package app.diaphan.server.web;

import app.diaphan.core.deliver.FileReport;
import app.diaphan.core.deliver.Target;
import app.diaphan.server.deliver.AsDelivered;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.store.DeliveryEntity;
import java.time.Instant;
import java.util.Optional;

/**
 * A file that was delivered, is being delivered or could not be.
 *
 * @param sentence what was written, or why not
 * @param now what has become of the file since, a sentence; empty if it is as it was delivered
 * @param targetName empty for a delivery made before targets had names
 * @param row of a roster that the overlay was filled with; 0 for an overlay as it is
 * @param left where the file lies on its frame, in pixels
 * @param report what is in the file; there once it is done
 * @param edges what becomes of its edges when an editor halves it; empty if that does not matter
 */
record DeliveryStatus(
    long id,
    long overlayId,
    String overlay,
    DeliveryEntity.State state,
    String sentence,
    String now,
    int revision,
    String targetName,
    long row,
    String fileName,
    String path,
    Instant startedAt,
    Target target,
    int left,
    int top,
    Optional<FileReport> report,
    String edges) {

  static DeliveryStatus of(DeliveryEntity delivery, AsDelivered.Now now) {
    Optional<FileReport> report =
        Optional.ofNullable(delivery.report())
            .map(json -> DocumentJson.read(json, FileReport.class, "The report of a delivery"));
    return new DeliveryStatus(
        delivery.id(),
        delivery.overlayId().orElse(0L),
        delivery.overlayName(),
        delivery.state(),
        delivery.sentence(),
        delivery.state() == DeliveryEntity.State.DONE ? now.sentence() : "",
        delivery.revision(),
        delivery.targetName(),
        delivery.rosterRowId().orElse(0L),
        delivery.fileName(),
        delivery.path(),
        delivery.startedAt(),
        targetOf(delivery),
        delivery.placeLeft(),
        delivery.placeTop(),
        report,
        report.map(FileReport::edgesInWords).orElse(""));
  }

  static Target targetOf(DeliveryEntity delivery) {
    return DocumentJson.read(delivery.target(), Target.class, "The target of a delivery");
  }
}
