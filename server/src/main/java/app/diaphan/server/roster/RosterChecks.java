package app.diaphan.server.roster;

import app.diaphan.core.Digest;
import app.diaphan.core.memory.Remembered;
import app.diaphan.core.overlay.retarget.PieceChange;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.roster.Extreme;
import app.diaphan.core.roster.Extremes;
import app.diaphan.core.roster.PlannedRow;
import app.diaphan.core.roster.RosterDesign;
import app.diaphan.core.roster.Row;
import app.diaphan.core.roster.RowChecks;
import app.diaphan.core.roster.RowLegibility;
import app.diaphan.core.roster.RowTrouble;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.server.check.CheckService;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.json.DocumentJson;
import app.diaphan.server.memory.MemoryBudget;
import app.diaphan.server.store.PackageStore;
import app.diaphan.server.store.PictureStore;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ForkJoinPool;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** Looks through the rows of a roster: what keeps them from being delivered, and which decide. */
@Service
public class RosterChecks {
  /** Half of the cores: the others draw the rows that are looked at meanwhile. */
  private static final int CHECKERS = Math.max(1, Runtime.getRuntime().availableProcessors() / 2);

  private final RosterStore rosters;
  private final RosterDesigns designs;
  private final PackageStore store;
  private final DrawingService drawings;
  private final PictureStore pictures;
  private final CheckService proof;
  private final Remembered<Checked, List<RowTrouble>> checked;

  RosterChecks(
      RosterStore rosters,
      RosterDesigns designs,
      PackageStore store,
      DrawingService drawings,
      PictureStore pictures,
      CheckService proof,
      MemoryBudget budget) {
    this.rosters = rosters;
    this.designs = designs;
    this.store = store;
    this.drawings = drawings;
    this.pictures = pictures;
    this.proof = proof;
    checked =
        budget
            .remembered()
            .kind(
                key -> 256 + bytesOf(key.cells().stream()),
                troubles -> 64 + bytesOf(troubles.stream().map(RowTrouble::sentence)));
  }

  private static long bytesOf(Stream<String> texts) {
    return texts.mapToLong(text -> 64 + 2L * text.length()).sum();
  }

  /**
   * All that decides what is wrong with a row in a design at a target.
   *
   * @param design a digest of the design and of what fills it
   * @param problem with the row's name
   */
  private record Checked(
      String design,
      NamedTarget target,
      String problem,
      List<String> cells,
      List<PieceChange> changes) {}

  /**
   * @param row its id
   */
  public record TroubledRow(long row, List<RowTrouble> troubles) {}

  /**
   * @param row its id
   * @param why in a few words
   */
  public record DecisiveRow(long row, String why) {}

  /**
   * What the rows of a package's rosters have to pass, for as long as the package stays as it is.
   */
  public RowChecks checksOf(Long packageId) {
    return new RowChecks(
        drawings.rendererFor(packageId),
        store.checksMade(packageId),
        new RowLegibility(overlay -> proof.legibility(packageId, overlay)));
  }

  /** The rows that cannot be delivered at one target or another, in order. */
  public List<TroubledRow> troubled(Long rosterId) {
    RosterEntity entity = rosters.get(rosterId);
    List<RosterRowEntity> entities = rosters.rowsOf(rosterId);
    List<Row> rows = entities.stream().map(RosterRowEntity::row).toList();
    RowChecks checks = checksOf(entity.packageId());
    Map<Integer, Set<RowTrouble>> found = new ConcurrentHashMap<>();
    List<RosterDesign> filled =
        designs.of(entity).stream().map(RosterDesigns.Design::design).toList();
    String surroundings = surroundings(entity.packageId());
    Map<RosterDesign, String> digests = digests(entity, filled, surroundings);
    Map<Checked, List<RowTrouble>> fresh = new ConcurrentHashMap<>();
    List<PlannedRow> plan =
        designs.plan(entity, rows, store.targets(entity.packageId()).targets(), filled);
    Consumer<PlannedRow> check =
        planned -> {
          Row row = rows.get(planned.row());
          Checked key =
              new Checked(
                  digests.get(planned.design()),
                  planned.target(),
                  planned.problem(),
                  row.cells(),
                  row.changes());
          List<RowTrouble> troubles =
              checked
                  .known(key)
                  .orElseGet(
                      () -> {
                        List<RowTrouble> made = checks.of(planned, row);
                        fresh.put(key, made);
                        return made;
                      });
          found.merge(planned.row(), new LinkedHashSet<>(troubles), RosterChecks::both);
        };
    // A parallel stream stays within its pool; a short roster does not wait for a long one's.
    try (ForkJoinPool checkers = new ForkJoinPool(CHECKERS)) {
      checkers.submit(() -> plan.parallelStream().forEach(check)).join();
    }
    // What was found while a picture went or came belongs to neither state.
    if (surroundings.equals(surroundings(entity.packageId()))) {
      fresh.forEach((key, troubles) -> checked.of(key, () -> troubles));
    }
    List<TroubledRow> troubled = new ArrayList<>();
    new TreeMap<>(found)
        .forEach(
            (place, troubles) -> {
              if (!troubles.isEmpty()) {
                troubled.add(new TroubledRow(entities.get(place).id(), List.copyOf(troubles)));
              }
            });
    return troubled;
  }

  private static Set<RowTrouble> both(Set<RowTrouble> some, Set<RowTrouble> others) {
    Set<RowTrouble> both = new LinkedHashSet<>(some);
    both.addAll(others);
    return both;
  }

  /** Of each design, a digest of all in it that decides what is wrong with its rows. */
  private Map<RosterDesign, String> digests(
      RosterEntity entity, List<RosterDesign> filled, String surroundings) {
    Map<RosterDesign, String> digests = new IdentityHashMap<>();
    for (RosterDesign design : filled) {
      digests.put(design, digest(List.of(design.overlay(), entity.roster(), surroundings)));
    }
    return digests;
  }

  /** A digest of what decides beside overlays and rows. */
  private String surroundings(Long packageId) {
    Map<String, String> contents = new TreeMap<>();
    pictures.of(packageId).forEach(picture -> contents.put(picture.name(), picture.sha256()));
    return digest(
        List.of(
            store.house(packageId),
            contents,
            store.checksMade(packageId),
            store.knownStills(packageId)));
  }

  private static String digest(List<?> parts) {
    return Digest.of(DocumentJson.write(parts).getBytes(StandardCharsets.UTF_8));
  }

  /** The rows that decide whether a design is right, those of all the roster's designs. */
  public List<DecisiveRow> decisive(Long rosterId) {
    RosterEntity entity = rosters.get(rosterId);
    List<RosterRowEntity> entities = rosters.rowsOf(rosterId);
    List<Row> rows = entities.stream().map(RosterRowEntity::row).toList();
    Renderer renderer = drawings.rendererFor(entity.packageId());
    Set<DecisiveRow> decisive = new LinkedHashSet<>();
    for (RosterDesigns.Design design : designs.of(entity)) {
      for (Extreme extreme :
          Extremes.of(
              design.design().overlay(), design.design().filling(), rows, renderer::width)) {
        decisive.add(new DecisiveRow(entities.get(extreme.row()).id(), extreme.why()));
      }
    }
    return List.copyOf(decisive);
  }
}
