package app.diaphan.server.web;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.deliver.FileReport;
import app.diaphan.core.deliver.Target;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.raster.Bounds;
import app.diaphan.server.deliver.DeliveryService;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.store.DeliveryEntity;
import app.diaphan.server.store.Missing;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Deliveries: what would be written, writing it, and what was written. */
@RestController
@RequestMapping("/api")
class DeliveryApi {
  private static final long LONGEST_WATCH = 30 * 60 * 1000L;
  private static final long BETWEEN_EVENTS = 150;

  private final PackageStore store;
  private final DeliveryService deliveries;
  private final DrawingService drawings;

  DeliveryApi(PackageStore store, DeliveryService deliveries, DrawingService drawings) {
    this.store = store;
    this.deliveries = deliveries;
    this.drawings = drawings;
  }

  record Order(Target target, String name) {}

  /**
   * What a delivery would write.
   *
   * @param problem why it cannot be written; empty if it can
   * @param width of the file in pixels; 0 if there would be none
   * @param left where the file lies on its frame
   * @param replaces whether a file of this name is there already
   */
  record Preview(
      String problem,
      String fileName,
      String folder,
      int width,
      int height,
      int left,
      int top,
      boolean replaces) {}

  /**
   * @param progress share of the lines written, 0–1
   * @param sentence what was written, or why not
   * @param report what is in the file; there once it is done
   */
  record DeliveryStatus(
      long id,
      DeliveryEntity.State state,
      double progress,
      String sentence,
      int revision,
      String fileName,
      String path,
      Instant startedAt,
      Target target,
      Optional<FileReport> report) {}

  @PostMapping("/overlays/{id}/deliveries/preview")
  Preview preview(@PathVariable long id, @RequestBody Order order) {
    OverlayEntity entity = store.overlay(id);
    Overlay overlay = store.dressed(entity);
    Path folder = deliveries.folder(entity.packageId());
    String problem = "";
    try {
      FileName.check(order.name());
    } catch (InvalidInput e) {
      problem = e.getMessage();
    }
    Bounds extent =
        new Deliverer(drawings.rendererFor(entity.packageId()))
            .extent(overlay, order.target())
            .orElse(Bounds.EMPTY);
    if (extent.empty() && problem.isEmpty()) {
      problem = "Nothing is drawn on this frame, so there is nothing to trim to.";
    }
    String fileName =
        problem.isEmpty() ? order.name() + "." + order.target().format().extension() : "";
    return new Preview(
        problem,
        fileName,
        folder.toString(),
        extent.width(),
        extent.height(),
        extent.left(),
        extent.top(),
        !fileName.isEmpty() && Files.exists(folder.resolve(fileName)));
  }

  @PostMapping("/overlays/{id}/deliveries")
  @ResponseStatus(HttpStatus.ACCEPTED)
  DeliveryStatus deliver(@PathVariable long id, @RequestBody Order order) {
    return status(deliveries.start(id, order.target(), order.name()));
  }

  @GetMapping("/overlays/{id}/deliveries")
  List<DeliveryStatus> history(@PathVariable long id) {
    return deliveries.of(id).stream().map(this::status).toList();
  }

  @GetMapping("/deliveries/{id}")
  DeliveryStatus delivery(@PathVariable long id) {
    return status(deliveries.get(id));
  }

  /** Sends the delivery's status whenever it may have changed, until it has ended. */
  @GetMapping(path = "/deliveries/{id}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter events(@PathVariable long id) {
    deliveries.get(id);
    SseEmitter emitter = new SseEmitter(LONGEST_WATCH);
    Thread.ofVirtual()
        .start(
            () -> {
              try {
                DeliveryStatus now;
                do {
                  now = status(deliveries.get(id));
                  emitter.send(SseEmitter.event().name("status").data(DocumentJson.write(now)));
                  Thread.sleep(BETWEEN_EVENTS);
                } while (now.state() == DeliveryEntity.State.RUNNING);
                emitter.complete();
              } catch (IOException | IllegalStateException e) {
                emitter.completeWithError(e); // Nobody is listening any more.
              } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
              }
            });
    return emitter;
  }

  @GetMapping("/deliveries/{id}/file")
  ResponseEntity<Resource> file(@PathVariable long id) {
    DeliveryEntity delivery = deliveries.get(id);
    Path file = Path.of(delivery.path());
    if (delivery.state() != DeliveryEntity.State.DONE || !Files.isRegularFile(file)) {
      throw new Missing("The file %s is not there to be fetched.".formatted(delivery.fileName()));
    }
    return ResponseEntity.ok()
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(delivery.fileName(), java.nio.charset.StandardCharsets.UTF_8)
                .build()
                .toString())
        .contentType(
            delivery.fileName().endsWith(".png")
                ? MediaType.IMAGE_PNG
                : MediaType.parseMediaType("image/tiff"))
        .body(new FileSystemResource(file));
  }

  private DeliveryStatus status(DeliveryEntity delivery) {
    return new DeliveryStatus(
        delivery.id(),
        delivery.state(),
        deliveries.progressOf(delivery),
        delivery.sentence(),
        delivery.revision(),
        delivery.fileName(),
        delivery.path(),
        delivery.startedAt(),
        DocumentJson.read(delivery.target(), Target.class, "The target of a delivery"),
        Optional.ofNullable(delivery.report())
            .map(json -> DocumentJson.read(json, FileReport.class, "The report of a delivery")));
  }
}
