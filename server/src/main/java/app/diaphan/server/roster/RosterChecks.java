package app.diaphan.server.roster;

import app.diaphan.core.check.CheckKind;
import app.diaphan.core.render.Renderer;
import app.diaphan.core.roster.Extreme;
import app.diaphan.core.roster.Extremes;
import app.diaphan.core.roster.PlannedRow;
import app.diaphan.core.roster.Row;
import app.diaphan.core.roster.RowChecks;
import app.diaphan.core.roster.RowTrouble;
import app.diaphan.server.draw.DrawingService;
import app.diaphan.server.store.PackageStore;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;

/** Looks through the rows of a roster: what keeps them from being delivered, and which decide. */
@Service
public class RosterChecks {
  private final RosterStore rosters;
  private final RosterDesigns designs;
  private final PackageStore store;
  private final DrawingService drawings;

  RosterChecks(
      RosterStore rosters, RosterDesigns designs, PackageStore store, DrawingService drawings) {
    this.rosters = rosters;
    this.designs = designs;
    this.store = store;
    this.drawings = drawings;
  }

  /**
   * @param row its id
   */
  public record TroubledRow(long row, List<RowTrouble> troubles) {}

  /**
   * @param row its id
   * @param why in a few words
   */
  public record DecisiveRow(long row, String why) {}

  /** The rows that cannot be delivered at one target or another, in order. */
  public List<TroubledRow> troubled(Long rosterId) {
    RosterEntity entity = rosters.get(rosterId);
    List<RosterRowEntity> entities = rosters.rowsOf(rosterId);
    List<Row> rows = entities.stream().map(RosterRowEntity::row).toList();
    Renderer renderer = drawings.rendererFor(entity.packageId());
    Set<CheckKind> wanted = store.checksMade(entity.packageId());
    Map<Integer, Set<RowTrouble>> found = new ConcurrentHashMap<>();
    designs.plan(entity, rows, store.targets(entity.packageId()).targets()).parallelStream()
        .forEach(
            planned ->
                found.merge(
                    planned.row(),
                    new LinkedHashSet<>(ofRow(planned, rows, renderer, wanted)),
                    RosterChecks::both));
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

  private static List<RowTrouble> ofRow(
      PlannedRow planned, List<Row> rows, Renderer renderer, Set<CheckKind> wanted) {
    return RowChecks.of(planned, rows.get(planned.row()), renderer, wanted);
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
