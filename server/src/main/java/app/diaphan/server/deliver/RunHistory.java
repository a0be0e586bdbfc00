package app.diaphan.server.deliver;

import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.Delivered;
import app.diaphan.core.deliver.FileEnd;
import app.diaphan.core.deliver.RunEnd;
import app.diaphan.core.deliver.SafeFile;
import app.diaphan.core.deliver.Target;
import app.diaphan.server.disk.UntilSaved;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.store.Deliveries;
import app.diaphan.server.store.DeliveryEntity;
import app.diaphan.server.store.DeliveryRun;
import app.diaphan.server.store.DeliveryRuns;
import app.diaphan.server.store.PackageStore;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * Notes down what becomes of each file of a run. As long as the database cannot be written the run
 * waits here, so that neither a file nor the run is left without its end.
 */
@Component
class RunHistory {
  private final PackageStore store;
  private final Deliveries deliveries;
  private final DeliveryRuns runs;
  private final UntilSaved untilSaved;
  private final Clock clock;

  RunHistory(
      PackageStore store,
      Deliveries deliveries,
      DeliveryRuns runs,
      UntilSaved untilSaved,
      Clock clock) {
    this.store = store;
    this.deliveries = deliveries;
    this.runs = runs;
    this.untilSaved = untilSaved;
    this.clock = clock;
  }

  /**
   * One overlay at one target within a run.
   *
   * @param place within the run; all files of an overlay at a target share it
   * @param folder where its files go
   */
  record Item(DeliveryRun run, int place, PlanService.Line line, Path folder) {
    Target target() {
      return line.file().target().of(line.file().overlay());
    }
  }

  /** Nothing if the overlay is no longer there, which is noted down then. */
  Optional<DeliveryEntity> begin(Item item, String fileName, RunProgress progress) {
    return saved(
        progress,
        () -> {
          DeliveryEntity delivery = entity(item, fileName);
          if (store.hasOverlay(item.line().entity().id())) {
            return Optional.of(deliveries.save(delivery));
          }
          delivery.overlayIsGone();
          delivery.ended(
              DeliveryEntity.State.SKIPPED,
              Sentence.of(
                  "\"%s\" was deleted before it was delivered.",
                  item.line().file().overlay().name()),
              clock.instant());
          deliveries.save(delivery);
          return Optional.empty();
        });
  }

  /** Its first file takes the place of what was begun; others are noted beside it. */
  void done(DeliveryEntity begun, Item item, List<Delivered> files, RunProgress progress) {
    done(begun, files.getFirst());
    keep(() -> begun, progress);
    for (Delivered other : files.subList(1, files.size())) {
      keep(
          () -> {
            DeliveryEntity beside = entity(item, other.file().getFileName().toString());
            done(beside, other);
            return beside;
          },
          progress);
    }
  }

  private void done(DeliveryEntity delivery, Delivered delivered) {
    delivery.done(delivered, DocumentJson.write(delivered.report()), clock.instant());
  }

  /**
   * @param how FAILED or BROKEN_OFF
   */
  void ended(
      DeliveryEntity begun, DeliveryEntity.State how, String sentence, RunProgress progress) {
    begun.ended(how, sentence, clock.instant());
    keep(() -> begun, progress);
  }

  /**
   * The overlay may have been deleted while its file was written; the file is there all the same.
   */
  private void keep(Supplier<DeliveryEntity> file, RunProgress progress) {
    saved(
        progress,
        () -> {
          DeliveryEntity delivery = file.get();
          if (!store.hasOverlay(delivery.overlayId().orElse(null))) {
            delivery.overlayIsGone();
          }
          if (runs.existsById(delivery.runId().orElseThrow())) {
            deliveries.save(delivery);
          }
          return delivery;
        });
  }

  /**
   * Ends a run as its files have ended. Files that are written are on the disk and in the history
   * before they count. A run whose package was deleted meanwhile is gone.
   *
   * @param why what is said before the counts, a whole sentence; empty for nothing
   */
  void end(DeliveryRun run, DeliveryRun.State how, String why, RunProgress progress) {
    saved(
        progress,
        () -> {
          if (runs.existsById(run.id())) {
            end(run, how, why);
          }
          return run;
        });
  }

  private void end(DeliveryRun run, DeliveryRun.State how, String why) {
    // An overlay at a target is one, however many files it has.
    Map<Integer, FileEnd> ends = new HashMap<>();
    for (DeliveryEntity file : deliveries.findByRunIdOrderByRunPlaceAscIdAsc(run.id())) {
      file.state().end().ifPresent(end -> ends.merge(file.runPlace(), end, RunHistory::worse));
    }
    run.ended(how, RunEnd.of(run.planned(), ends.values()), why, clock.instant());
    runs.save(run);
  }

  private static FileEnd worse(FileEnd one, FileEnd other) {
    return one == FileEnd.DELIVERED ? other : one;
  }

  /** What was running when the last process ended did not come to its end. */
  void closeInterrupted() throws IOException {
    for (DeliveryEntity delivery : deliveries.running()) {
      delivery.ended(
          DeliveryEntity.State.BROKEN_OFF,
          "Diaphan was stopped while this file was being written; nothing of it was kept. Deliver again.",
          clock.instant());
      deliveries.save(delivery);
      SafeFile.removeUnfinished(Path.of(delivery.path()).getParent());
    }
    for (DeliveryRun run : runs.running()) {
      end(run, DeliveryRun.State.STOPPED, "Diaphan was stopped while this was being delivered.");
    }
  }

  private <T> T saved(RunProgress progress, Supplier<T> save) {
    T saved = untilSaved.save(save, why -> progress.cannotSave(why.what()));
    progress.saved();
    return saved;
  }

  private DeliveryEntity entity(Item item, String fileName) {
    PlanService.Line line = item.line();
    DeliveryEntity delivery =
        new DeliveryEntity(
            item.run(),
            item.place(),
            line.entity(),
            line.file().target().name(),
            DocumentJson.write(item.target()),
            line.madeFrom(),
            fileName,
            item.folder().resolve(fileName).toString(),
            clock.instant());
    line.row().ifPresent(row -> delivery.ofRow(row.id(), row.key()));
    return delivery;
  }
}
