package app.diaphan.server.deliver;

import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.overlay.Differences;
import app.diaphan.core.targets.DeliveryPlan;
import app.diaphan.core.targets.IfThere;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.core.targets.PlannedFile;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.store.Deliveries;
import app.diaphan.server.store.DeliveryEntity;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureEntity;
import app.diaphan.server.store.PictureStore;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Plans deliveries of a package and tells what has changed since the last ones. */
@Service
public class PlanService {
  private final PackageStore store;
  private final PictureStore pictures;
  private final Deliveries deliveries;
  private final DrawingService drawings;
  private final DeliveryFolder folders;
  private final AsDelivered asDelivered;
  private final Clock clock;

  PlanService(
      PackageStore store,
      PictureStore pictures,
      Deliveries deliveries,
      DrawingService drawings,
      DeliveryFolder folders,
      AsDelivered asDelivered,
      Clock clock) {
    this.store = store;
    this.pictures = pictures;
    this.deliveries = deliveries;
    this.drawings = drawings;
    this.folders = folders;
    this.asDelivered = asDelivered;
    this.clock = clock;
  }

  /** How a planned file stands to what was delivered before. */
  public enum Standing {
    /** Nothing was delivered yet. */
    NEW,
    /** Something has changed since, or the file is no longer there as it was delivered. */
    CHANGED,
    /** The same would be written again. */
    SAME
  }

  /**
   * @param entity of the overlay
   * @param madeFrom a digest of all that decides the file
   * @param changes what has changed since the last delivery, in words
   */
  public record Line(
      OverlayEntity entity,
      PlannedFile file,
      Standing standing,
      String madeFrom,
      List<String> changes) {}

  /** The folder in which a package's files are delivered. */
  public Path folder(Long packageId) {
    return folders.of(packageId);
  }

  Deliverer deliverer(Long packageId) {
    return new Deliverer(drawings.rendererFor(packageId), DocumentJson::writeReadable);
  }

  /**
   * @param overlayIds all of the package's if there are none
   * @param targets in order
   */
  public List<Line> plan(Long packageId, List<Long> overlayIds, List<NamedTarget> targets) {
    List<OverlayEntity> entities =
        store.overlaysOf(packageId).stream()
            .filter(entity -> overlayIds.isEmpty() || overlayIds.contains(entity.id()))
            .toList();
    List<DeliveryPlan.Planned> planned =
        entities.stream()
            .map(entity -> new DeliveryPlan.Planned(store.dressed(entity), entity.revision()))
            .toList();
    DeliveryPlan plan =
        new DeliveryPlan(deliverer(packageId), store.get(packageId).name(), LocalDate.now(clock));
    Map<String, String> digests =
        pictures.of(packageId).stream()
            .collect(Collectors.toMap(PictureEntity::name, PictureEntity::sha256));
    List<Line> lines = new ArrayList<>();
    for (PlannedFile file : plan.of(planned, targets)) {
      lines.add(
          line(
              entities.get(file.place()),
              file,
              MadeFrom.of(file, digests, MadeFrom.Makers.current())));
    }
    return lines;
  }

  private Line line(OverlayEntity entity, PlannedFile file, String madeFrom) {
    Optional<DeliveryEntity> last =
        deliveries.findFirstByOverlayIdAndTargetNameAndStateOrderByIdDesc(
            entity.id(), file.target().name(), DeliveryEntity.State.DONE);
    if (last.isEmpty()) {
      return new Line(entity, file, Standing.NEW, madeFrom, List.of());
    }
    DeliveryEntity before = last.get();
    AsDelivered.Now now = asDelivered.of(before);
    if (now != AsDelivered.Now.SAME) {
      return new Line(entity, file, Standing.CHANGED, madeFrom, List.of(now.sentence()));
    }
    if (before.madeFrom().equals(Optional.of(madeFrom))) {
      return new Line(entity, file, Standing.SAME, madeFrom, List.of());
    }
    List<String> changes =
        new ArrayList<>(
            Differences.between(
                PackageStore.documentOf(store.revision(entity.id(), before.revision())),
                PackageStore.documentOf(entity)));
    if (changes.isEmpty()) {
      changes.add("The target, the house style or a picture was changed.");
    }
    return new Line(entity, file, Standing.CHANGED, madeFrom, changes);
  }

  /** Whether a file of this name is there and would be replaced. */
  public boolean replaces(Long packageId, PlannedFile file) {
    Path folder = folder(packageId);
    return file.target().ifThere() == IfThere.REPLACE
        && file.files().stream().anyMatch(name -> Files.exists(folder.resolve(name)));
  }
}
