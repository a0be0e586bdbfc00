package app.diaphan.server.roster;

import app.diaphan.core.house.House;
import app.diaphan.core.overlay.Overlay;
import app.diaphan.core.roster.Columns;
import app.diaphan.core.roster.Filling;
import app.diaphan.core.roster.NamesElsewhere;
import app.diaphan.core.roster.OpenSlots;
import app.diaphan.core.roster.PlannedRow;
import app.diaphan.core.roster.Roster;
import app.diaphan.core.roster.RosterDesign;
import app.diaphan.core.roster.RosterPlan;
import app.diaphan.core.roster.Row;
import app.diaphan.core.targets.DeliveryPlan;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.core.targets.OwnFiles;
import app.diaphan.server.store.OverlayEntity;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureEntity;
import app.diaphan.server.store.PictureStore;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** The overlays that a roster fills, and the files that its rows become. */
@Service
public class RosterDesigns {
  private final PackageStore store;
  private final PictureStore pictures;
  private final RosterStore rosters;
  private final Clock clock;

  RosterDesigns(PackageStore store, PictureStore pictures, RosterStore rosters, Clock clock) {
    this.store = store;
    this.rosters = rosters;
    this.pictures = pictures;
    this.clock = clock;
  }

  /** An overlay as it is saved, with how rows fill it. */
  public record Design(OverlayEntity entity, RosterDesign design) {}

  /** Those that the roster names and that are still there, in the package's order. */
  public List<Design> of(RosterEntity entity) {
    Roster roster = entity.roster();
    Set<String> fed =
        roster.designs().stream().map(Roster.Fed::overlay).collect(Collectors.toSet());
    return store.overlaysOf(entity.packageId()).stream()
        .filter(overlay -> fed.contains(overlay.id().toString()))
        .map(overlay -> new Design(overlay, design(roster, overlay)))
        .toList();
  }

  /** One overlay as a roster fills it, whether it names it or not. */
  public RosterDesign one(RosterEntity entity, OverlayEntity overlay) {
    return design(entity.roster(), overlay);
  }

  private RosterDesign design(Roster roster, OverlayEntity overlay) {
    Overlay document = store.dressed(overlay);
    return new RosterDesign(
        document,
        overlay.revision(),
        filling(overlay.packageId(), roster.columnsFor(overlay.id().toString())));
  }

  /** The columns as they feed the overlay of this name. */
  Columns boundTo(RosterEntity entity, String overlayName) {
    Roster roster = entity.roster();
    return store.overlaysOf(entity.packageId()).stream()
        .filter(overlay -> overlay.name().equals(overlayName))
        .findFirst()
        .map(overlay -> roster.columnsFor(overlay.id().toString()))
        .orElseGet(() -> roster.columnsFor(""));
  }

  /** How columns fill overlays of a package. */
  public Filling filling(Long packageId, Columns columns) {
    List<String> names = pictures.of(packageId).stream().map(PictureEntity::name).toList();
    House house = store.house(packageId);
    return new Filling(columns, names, house);
  }

  /** Every file that rows become in all designs, rows that are left out passed over. */
  public List<PlannedRow> plan(RosterEntity entity, List<Row> rows, List<NamedTarget> targets) {
    return plan(entity, rows, targets, of(entity).stream().map(Design::design).toList());
  }

  /**
   * The overlays of a package that go out by themselves: not those that ask for columns and that a
   * roster feeds.
   */
  public List<OverlayEntity> alone(Long packageId) {
    Set<String> fed =
        rosters.of(packageId).stream()
            .flatMap(roster -> roster.roster().designs().stream())
            .map(Roster.Fed::overlay)
            .collect(Collectors.toSet());
    return store.overlaysOf(packageId).stream()
        .filter(
            entity ->
                !fed.contains(entity.id().toString())
                    || !OpenSlots.any(PackageStore.documentOf(entity)))
        .toList();
  }

  /**
   * The same in these designs, which are handed back with each file. What would take the place of
   * another file of the package has a problem.
   */
  public List<PlannedRow> plan(
      RosterEntity entity,
      List<Row> rows,
      List<NamedTarget> targets,
      Collection<RosterDesign> wanted) {
    NamesElsewhere elsewhere = new NamesElsewhere();
    for (RosterEntity other : rosters.of(entity.packageId())) {
      if (!other.id().equals(entity.id())) {
        List<Row> others = rosters.rowsOf(other.id()).stream().map(RosterRowEntity::row).toList();
        elsewhere.add(
            other.roster().name(),
            rowsAlone(other, others, targets, of(other).stream().map(Design::design).toList()));
      }
    }
    elsewhere.add(
        new OwnFiles(store.get(entity.packageId()).name(), LocalDate.now(clock))
            .of(alone(entity.packageId()).stream().map(this::planned).toList(), targets));
    return elsewhere.marked(rowsAlone(entity, rows, targets, wanted));
  }

  /** An overlay as it goes out by itself. */
  public DeliveryPlan.Planned planned(OverlayEntity overlay) {
    return new DeliveryPlan.Planned(Filling.without(store.dressed(overlay)), overlay.revision());
  }

  private List<PlannedRow> rowsAlone(
      RosterEntity entity,
      List<Row> rows,
      List<NamedTarget> targets,
      Collection<RosterDesign> wanted) {
    Roster roster = entity.roster();
    List<RosterDesign> designs = List.copyOf(wanted);
    return new RosterPlan(
            store.get(entity.packageId()).name(),
            LocalDate.now(clock),
            roster.pattern(),
            roster.key())
        .of(rows, designs, targets);
  }
}
