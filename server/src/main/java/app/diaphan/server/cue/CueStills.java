package app.diaphan.server.cue;

import app.diaphan.core.cue.CueList;
import app.diaphan.core.cue.CueStill;
import app.diaphan.core.cue.Dealing;
import app.diaphan.core.cue.StillId;
import app.diaphan.core.cue.StillLines;
import app.diaphan.core.cue.handover.HandOver;
import app.diaphan.core.cue.marker.MarkerSheet;
import app.diaphan.core.deliver.FileReport;
import app.diaphan.core.deliver.Target;
import app.diaphan.core.file.Carried;
import app.diaphan.core.frame.Frame;
import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.Remembered;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.overlay.reframe.Retargeting;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.screening.AlphaReading;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.server.deliver.AsDelivered;
import app.diaphan.server.deliver.PlanService;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.memory.MemoryBudget;
import app.diaphan.server.roster.RosterDesigns;
import app.diaphan.server.roster.RosterEntity;
import app.diaphan.server.roster.RosterStore;
import app.diaphan.server.store.Deliveries;
import app.diaphan.server.store.DeliveryEntity;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** What is known of the stills that cue lists show: the newest delivered files of a package. */
@Service
public class CueStills {
  private final PackageStore packages;
  private final RosterStore rosters;
  private final RosterDesigns designs;
  private final PlanService plans;
  private final Deliveries deliveries;
  private final AsDelivered asDelivered;
  private final DrawingService drawings;

  /** By the digest of all that decides a file. */
  private final Remembered<String, List<CueStill.Line>> lines;

  CueStills(
      PackageStore packages,
      RosterStore rosters,
      RosterDesigns designs,
      PlanService plans,
      Deliveries deliveries,
      AsDelivered asDelivered,
      DrawingService drawings,
      MemoryBudget budget) {
    this.packages = packages;
    this.rosters = rosters;
    this.designs = designs;
    this.plans = plans;
    this.deliveries = deliveries;
    this.asDelivered = asDelivered;
    this.drawings = drawings;
    lines = budget.remembered().kind(Memory::bytesOf, CueStills::bytes);
  }

  private static long bytes(List<CueStill.Line> lines) {
    return lines.stream().mapToLong(line -> 64 + 2L * line.words().length()).sum();
  }

  /**
   * Stills that belong together: an overlay at a target, as it is or filled with each row.
   *
   * @param roster 0 for an overlay as it is
   * @param timed whether the roster has a column that says when
   */
  public record Series(
      long overlay,
      String overlayName,
      long roster,
      String rosterName,
      String target,
      boolean timed) {}

  /**
   * A still as it is known now.
   *
   * @param delivery id of the newest file; 0 if there is none
   */
  public record Known(
      CueStill still, long delivery, AlphaReading reading, Optional<Path> file, String sha256) {
    public HandOver.Still handed() {
      return new HandOver.Still(still, file.orElseThrow(), sha256, reading);
    }
  }

  /** All that could be shown: each overlay at each target that keeps its alpha in one file. */
  public List<Series> series(Long packageId) {
    List<Series> series = new ArrayList<>();
    for (RosterEntity roster : rosters.of(packageId)) {
      for (RosterDesigns.Design design : designs.of(roster)) {
        for (NamedTarget target : targets(packageId, design.entity())) {
          series.add(
              new Series(
                  design.entity().id(),
                  design.entity().name(),
                  roster.id(),
                  roster.roster().name(),
                  target.name(),
                  MarkerSheet.hasTimes(roster.roster().columns())));
        }
      }
    }
    for (OverlayEntity overlay : designs.alone(packageId)) {
      for (NamedTarget target : targets(packageId, overlay)) {
        series.add(new Series(overlay.id(), overlay.name(), 0, "", target.name(), false));
      }
    }
    return series;
  }

  private List<NamedTarget> targets(Long packageId, OverlayEntity overlay) {
    Overlay document = PackageStore.documentOf(overlay);
    return packages.targets(packageId).targets().stream()
        .filter(target -> Retargeting.delivers(document, target.name()))
        .filter(target -> oneAlpha(target.of(document)))
        .toList();
  }

  private static boolean oneAlpha(Target target) {
    return switch (target.file().carried()) {
      case Carried.Straight _, Carried.Premultiplied _ -> true;
      case Carried.FillAndKey _, Carried.OverColour _ -> false;
    };
  }

  /** The stills of a series in the order of the rows, those that are left out passed over. */
  public List<Dealing.Card> cards(long overlay, long roster, String target) {
    if (roster == 0) {
      return List.of(
          new Dealing.Card(new StillId(overlay, 0, target), packages.overlay(overlay).name()));
    }
    int key = key(rosters.get(roster));
    return rosters.rowsOf(roster).stream()
        .filter(row -> !row.row().leftOut())
        .map(row -> new Dealing.Card(new StillId(overlay, row.id(), target), row.row().cell(key)))
        .toList();
  }

  private static int key(RosterEntity roster) {
    return roster.roster().columnsFor("").place(roster.roster().key()).orElse(0);
  }

  /** What is known of each still that a list shows, and of no others. */
  public Map<StillId, Known> of(Long packageId, CueList list) {
    return of(packageId, list.cues().stream().map(cue -> cue.still()).toList());
  }

  /** The same of single ones. */
  public Map<StillId, Known> of(Long packageId, Collection<StillId> wanted) {
    Set<StillId> ids = new HashSet<>(wanted);
    Map<StillId, Known> known = new LinkedHashMap<>();
    Renderer renderer = drawings.rendererFor(packageId);
    ofOverlays(packageId, ids, renderer, known);
    for (RosterEntity roster : rosters.of(packageId)) {
      ofRows(roster, ids, renderer, known);
    }
    ids.forEach(id -> known.computeIfAbsent(id, CueStills::gone));
    return known;
  }

  private static Known gone(StillId id) {
    return new Known(
        new CueStill(
            id,
            "",
            "",
            Frame.of(Frame.LEAST, Frame.LEAST),
            0,
            0,
            0,
            0,
            List.of(),
            CueStill.Standing.GONE),
        0,
        AlphaReading.STRAIGHT,
        Optional.empty(),
        "");
  }

  private void ofOverlays(
      Long packageId, Set<StillId> ids, Renderer renderer, Map<StillId, Known> known) {
    List<Long> overlays =
        ids.stream().filter(id -> id.row() == 0).map(StillId::overlay).distinct().toList();
    if (overlays.isEmpty()) {
      return;
    }
    for (PlanService.Line line :
        plans.plan(packageId, overlays, packages.targets(packageId).targets())) {
      StillId id = new StillId(line.entity().id(), 0, line.file().target().name());
      if (ids.contains(id) && line.file().possible()) {
        Optional<DeliveryEntity> newest =
            deliveries.findFirstByOverlayIdAndTargetNameAndStateOrderByIdDesc(
                id.overlay(), id.target(), DeliveryEntity.State.DONE);
        known.put(id, known(id, line, line.entity().name(), newest, renderer));
      }
    }
  }

  private void ofRows(
      RosterEntity roster, Set<StillId> ids, Renderer renderer, Map<StillId, Known> known) {
    Set<Long> rows = new HashSet<>();
    ids.forEach(id -> rows.add(id.row()));
    if (rosters.rowsOf(roster.id()).stream().noneMatch(row -> rows.contains(row.id()))) {
      return;
    }
    Map<StillId, DeliveryEntity> newest = new HashMap<>();
    for (DeliveryEntity file : deliveries.findDoneOfRoster(roster.id())) {
      newest.putIfAbsent(
          new StillId(
              file.overlayId().orElse(0L), file.rosterRowId().orElseThrow(), file.targetName()),
          file);
    }
    for (PlanService.Line line :
        plans.planRows(
            roster, (overlay, row, target) -> ids.contains(new StillId(overlay, row, target)))) {
      PlanService.RowInHand row = line.row().orElseThrow();
      StillId id = new StillId(line.entity().id(), row.id(), line.file().target().name());
      if (ids.contains(id)) {
        known.put(id, known(id, line, row.key(), Optional.ofNullable(newest.get(id)), renderer));
      }
    }
  }

  private Known known(
      StillId id,
      PlanService.Line line,
      String label,
      Optional<DeliveryEntity> newest,
      Renderer renderer) {
    List<CueStill.Line> words =
        lines.of(line.madeFrom(), () -> StillLines.of(line.file().overlay(), renderer));
    if (newest.isEmpty()) {
      return new Known(
          new CueStill(
              id,
              line.file().files().getFirst(),
              label,
              line.file().target().of(line.file().overlay()).frame(),
              0,
              0,
              0,
              0,
              words,
              CueStill.Standing.NOT_DELIVERED),
          0,
          AlphaReading.STRAIGHT,
          Optional.empty(),
          "");
    }
    DeliveryEntity file = newest.get();
    Target target = DocumentJson.read(file.target(), Target.class, "The target of a delivery");
    FileReport report =
        DocumentJson.read(file.report(), FileReport.class, "The report of a delivery");
    CueStill.Standing standing =
        asDelivered.of(file) != AsDelivered.Now.SAME
            ? CueStill.Standing.NOT_THERE
            : line.standing() == PlanService.Standing.SAME
                ? CueStill.Standing.DELIVERED
                : CueStill.Standing.OUTDATED;
    return new Known(
        new CueStill(
            id,
            file.fileName(),
            label,
            target.frame(),
            file.placeLeft(),
            file.placeTop(),
            report.width(),
            report.height(),
            words,
            standing),
        file.id(),
        AlphaReading.of(target.file().carried()),
        Optional.of(Path.of(file.path())),
        file.sha256().orElse(""));
  }
}
