package app.diaphan.server.deliver;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.deliver.Delivered;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.deliver.DeliveryFailed;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.deliver.SafeFile;
import app.diaphan.core.deliver.Target;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.server.DataFolder;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.store.Deliveries;
import app.diaphan.server.store.DeliveryEntity;
import app.diaphan.server.store.Missing;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;

/** Delivers overlays one after the other and keeps the history. */
@Service
public class DeliveryService {
  private static final Logger LOG = LoggerFactory.getLogger(DeliveryService.class);

  private final PackageStore store;
  private final Deliveries deliveries;
  private final DrawingService drawings;
  private final DataFolder data;
  private final Clock clock;
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(
          work -> Thread.ofPlatform().name("delivery").daemon().unstarted(work));

  /** Share of the lines written, 0–1, of deliveries that are running. */
  private final Map<Long, Double> progress = new ConcurrentHashMap<>();

  DeliveryService(
      PackageStore store,
      Deliveries deliveries,
      DrawingService drawings,
      DataFolder data,
      Clock clock) {
    this.store = store;
    this.deliveries = deliveries;
    this.drawings = drawings;
    this.data = data;
    this.clock = clock;
  }

  /** What was running when the last process ended did not come to its end. */
  @EventListener(ApplicationStartedEvent.class)
  void closeInterrupted() throws IOException {
    for (DeliveryEntity delivery : deliveries.findByState(DeliveryEntity.State.RUNNING)) {
      delivery.failed(
          "Diaphan was stopped while this file was being written; nothing of it was kept. Deliver again.",
          clock.instant());
      deliveries.save(delivery);
      SafeFile.removeUnfinished(Path.of(delivery.path()).getParent());
    }
  }

  @PreDestroy
  void stop() {
    worker.shutdown();
  }

  /** The folder in which a package's files are delivered. */
  public Path folder(Long packageId) {
    return data.deliveries().resolve(packageId + "-" + FileName.from(store.get(packageId).name()));
  }

  /**
   * Starts a delivery of the overlay as it is saved.
   *
   * @throws InvalidInput if the name cannot be a file's
   */
  public DeliveryEntity start(Long overlayId, Target target, String name) {
    FileName.check(name);
    OverlayEntity overlay = store.overlay(overlayId);
    Overlay document = store.dressed(overlay);
    Path folder = folder(overlay.packageId());
    String file = name + "." + target.format().extension();
    DeliveryEntity delivery =
        deliveries.save(
            new DeliveryEntity(
                overlay,
                DocumentJson.write(target),
                file,
                folder.resolve(file).toString(),
                clock.instant()));
    progress.put(delivery.id(), 0.0);
    worker.execute(() -> run(delivery, overlay.packageId(), document, target, folder, name));
    return delivery;
  }

  private void run(
      DeliveryEntity delivery,
      Long packageId,
      Overlay document,
      Target target,
      Path folder,
      String name) {
    try {
      Delivered delivered =
          new Deliverer(drawings.rendererFor(packageId))
              .deliver(
                  document,
                  target,
                  folder,
                  name,
                  (done, all) -> progress.put(delivery.id(), (double) done / all));
      delivery.done(
          delivered.inWords(),
          delivered.report().sha256(),
          DocumentJson.write(delivered.report()),
          clock.instant());
    } catch (InvalidInput | DeliveryFailed e) {
      delivery.failed(e.getMessage(), clock.instant());
    } catch (RuntimeException | OutOfMemoryError e) {
      LOG.error("Delivery {} ended in an unexpected way", delivery.id(), e);
      delivery.failed(
          "The file could not be delivered because of an error in Diaphan; nothing was left half-written. The log says more.",
          clock.instant());
    } finally {
      deliveries.save(delivery);
      progress.remove(delivery.id());
    }
  }

  public DeliveryEntity get(Long id) {
    return deliveries.findById(id).orElseThrow(() -> new Missing("delivery", id));
  }

  public List<DeliveryEntity> of(Long overlayId) {
    store.overlay(overlayId);
    return deliveries.findByOverlayIdOrderByIdDesc(overlayId);
  }

  /** Share of the lines written, 0–1. */
  public double progressOf(DeliveryEntity delivery) {
    return delivery.state() == DeliveryEntity.State.RUNNING
        ? progress.getOrDefault(delivery.id(), 0.0)
        : 1;
  }
}
