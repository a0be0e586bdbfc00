package app.diaphan.server.deliver;

import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.Deliverer;
import app.diaphan.core.font.shelf.FontShelf;
import app.diaphan.core.overlay.Differences;
import app.diaphan.core.raster.Bounds;
import app.diaphan.core.roster.AskedColumn;
import app.diaphan.core.roster.Columns;
import app.diaphan.core.roster.OpenSlots;
import app.diaphan.core.roster.PlannedRow;
import app.diaphan.core.roster.RosterDesign;
import app.diaphan.core.roster.Row;
import app.diaphan.core.roster.RowChecks;
import app.diaphan.core.roster.RowDelivery;
import app.diaphan.core.roster.RowTrouble;
import app.diaphan.core.targets.DeliveryPlan;
import app.diaphan.core.targets.IfThere;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.core.targets.PlannedFile;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.font.FontShelves;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.roster.RosterChecks;
import app.diaphan.server.roster.RosterDesigns;
import app.diaphan.server.roster.RosterEntity;
import app.diaphan.server.roster.RosterRowEntity;
import app.diaphan.server.roster.RosterStore;
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
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Plans deliveries of a package and tells what has changed since the last ones. */
@Service
public class PlanService {
  private final PackageStore store;
  private final PictureStore pictures;
  private final Deliveries deliveries;
  private final DrawingService drawings;
  private final FontShelves shelves;
  private final RosterChecks rowChecks;
  private final RosterStore rosters;
  private final RosterDesigns designs;
  private final DeliveryFolder folders;
  private final AsDelivered asDelivered;
  private final Clock clock;

  PlanService(
      PackageStore store,
      PictureStore pictures,
      Deliveries deliveries,
      DrawingService drawings,
      FontShelves shelves,
      RosterChecks rowChecks,
      RosterStore rosters,
      RosterDesigns designs,
      DeliveryFolder folders,
      AsDelivered asDelivered,
      Clock clock) {
    this.store = store;
    this.pictures = pictures;
    this.deliveries = deliveries;
    this.drawings = drawings;
    this.shelves = shelves;
    this.rowChecks = rowChecks;
    this.rosters = rosters;
    this.designs = designs;
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
   * @param row that the overlay was filled with
   * @param changes what has changed since the last delivery, in words
   */
  public record Line(
      OverlayEntity entity,
      PlannedFile file,
      Standing standing,
      String madeFrom,
      Optional<RowInHand> row,
      List<String> changes) {}

  /**
   * A row of a roster that is to be delivered.
   *
   * @param key by which people know it
   * @param troubles looks for what keeps it from being delivered
   */
  public record RowInHand(Long id, String key, Supplier<List<RowTrouble>> troubles) {}

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
        designs.alone(packageId).stream()
            .filter(entity -> overlayIds.isEmpty() || overlayIds.contains(entity.id()))
            .toList();
    List<DeliveryPlan.Planned> planned = entities.stream().map(designs::planned).toList();
    DeliveryPlan plan =
        new DeliveryPlan(deliverer(packageId), store.get(packageId).name(), LocalDate.now(clock));
    Map<String, String> digests = digests(packageId);
    FontShelf fonts = shelves.of(packageId);
    List<Line> lines = new ArrayList<>();
    for (PlannedFile file : plan.of(planned, targets)) {
      lines.add(
          line(
              entities.get(file.place()),
              closed(entities.get(file.place()), file),
              MadeFrom.of(file, digests, fonts, MadeFrom.Makers.current())));
    }
    return lines;
  }

  /** What leaves something open and has nobody to fill it is not delivered with its braces. */
  private static PlannedFile closed(OverlayEntity entity, PlannedFile file) {
    List<String> asked =
        OpenSlots.of(PackageStore.documentOf(entity)).stream().map(AskedColumn::name).toList();
    return asked.isEmpty() || !file.possible()
        ? file
        : file.withProblem(
            Sentence.of(
                "\"%s\" asks a roster for %s. Give it one at the step Roster; a brace meant as a brace is doubled.",
                entity.name(), String.join(", ", asked)));
  }

  /**
   * @param rowIds those to deliver; all of the roster's that are not left out if there are none
   */
  public List<Line> planRows(RosterEntity roster, List<Long> rowIds) {
    return planRows(roster, (overlay, row, target) -> rowIds.isEmpty() || rowIds.contains(row));
  }

  /** Which files of rows somebody wants to know of. */
  @FunctionalInterface
  public interface WantedFiles {
    /**
     * @param overlay id
     * @param row id
     * @param target name
     */
    boolean has(long overlay, long row, String target);
  }

  /** The same of those files only that are wanted; no work is done for others. */
  public List<Line> planRows(RosterEntity roster, WantedFiles wanted) {
    Long packageId = roster.packageId();
    List<RosterRowEntity> entities = rosters.rowsOf(roster.id());
    List<Row> rows = entities.stream().map(RosterRowEntity::row).toList();
    RowChecks checks = rowChecks.checksOf(packageId);
    Map<String, String> digests = digests(packageId);
    FontShelf fonts = shelves.of(packageId);
    List<RosterDesigns.Design> filled = designs.of(roster);
    Map<RosterDesign, OverlayEntity> overlays = new IdentityHashMap<>();
    filled.forEach(design -> overlays.put(design.design(), design.entity()));
    Map<RowFile, DeliveryEntity> before = new HashMap<>();
    deliveries
        .findDoneOfRoster(roster.id())
        .forEach(
            file ->
                before.putIfAbsent(
                    new RowFile(
                        file.rosterRowId().orElseThrow(),
                        file.overlayId().orElse(0L),
                        file.targetName()),
                    file));
    Columns columns = roster.roster().columnsFor("");
    int key = columns.place(roster.roster().key()).orElse(0);
    List<Line> lines = new ArrayList<>();
    for (PlannedRow planned :
        designs.plan(
            roster,
            rows,
            store.targets(packageId).targets(),
            filled.stream().map(RosterDesigns.Design::design).toList())) {
      RosterRowEntity row = entities.get(planned.row());
      OverlayEntity overlay = overlays.get(planned.design());
      if (!wanted.has(overlay.id(), row.id(), planned.target().name())) {
        continue;
      }
      Row content = rows.get(planned.row());
      PlannedFile file =
          new PlannedFile(
              planned.row(),
              planned.target(),
              RowDelivery.shown(planned, content),
              planned.name(),
              planned.files(),
              Bounds.EMPTY,
              "");
      String madeFrom = MadeFrom.of(file, digests, fonts, MadeFrom.Makers.current());
      RowInHand inHand =
          new RowInHand(row.id(), content.cell(key), () -> checks.of(planned, content));
      lines.add(
          new Line(
              overlay,
              file,
              standing(
                  before.get(new RowFile(row.id(), overlay.id(), planned.target().name())),
                  madeFrom),
              madeFrom,
              Optional.of(inHand),
              List.of()));
    }
    return lines;
  }

  private record RowFile(Long row, Long overlay, String target) {}

  private Standing standing(DeliveryEntity before, String madeFrom) {
    if (before == null) {
      return Standing.NEW;
    }
    return before.madeFrom().equals(Optional.of(madeFrom))
            && asDelivered.of(before) == AsDelivered.Now.SAME
        ? Standing.SAME
        : Standing.CHANGED;
  }

  private Map<String, String> digests(Long packageId) {
    return pictures.of(packageId).stream()
        .collect(Collectors.toMap(PictureEntity::name, PictureEntity::sha256));
  }

  private Line line(OverlayEntity entity, PlannedFile file, String madeFrom) {
    Optional<DeliveryEntity> last =
        deliveries.findFirstByOverlayIdAndTargetNameAndStateOrderByIdDesc(
            entity.id(), file.target().name(), DeliveryEntity.State.DONE);
    if (last.isEmpty()) {
      return new Line(entity, file, Standing.NEW, madeFrom, Optional.empty(), List.of());
    }
    DeliveryEntity before = last.get();
    AsDelivered.Now now = asDelivered.of(before);
    if (now != AsDelivered.Now.SAME) {
      return new Line(
          entity, file, Standing.CHANGED, madeFrom, Optional.empty(), List.of(now.sentence()));
    }
    if (before.madeFrom().equals(Optional.of(madeFrom))) {
      return new Line(entity, file, Standing.SAME, madeFrom, Optional.empty(), List.of());
    }
    List<String> changes =
        new ArrayList<>(
            Differences.between(
                PackageStore.documentOf(store.revision(entity.id(), before.revision())),
                PackageStore.documentOf(entity)));
    if (changes.isEmpty()) {
      changes.add("The target, the house style or a picture was changed.");
    }
    return new Line(entity, file, Standing.CHANGED, madeFrom, Optional.empty(), changes);
  }

  /** Whether a file of this name is there and would be replaced. */
  public boolean replaces(Long packageId, PlannedFile file) {
    Path folder = folder(packageId);
    return file.target().ifThere() == IfThere.REPLACE
        && file.files().stream().anyMatch(name -> Files.exists(folder.resolve(name)));
  }
}
