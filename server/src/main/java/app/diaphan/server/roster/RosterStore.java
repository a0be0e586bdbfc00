package app.diaphan.server.roster;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.roster.Merge;
import app.diaphan.core.roster.Roster;
import app.diaphan.core.roster.Row;
import app.diaphan.core.roster.table.TableLimits;
import app.diaphan.server.store.Missing;
import app.diaphan.server.store.StaleSave;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps rosters and their rows. Every change is whole or does not happen. */
@Service
public class RosterStore {
  private final Rosters rosters;
  private final RosterRows rows;

  RosterStore(Rosters rosters, RosterRows rows) {
    this.rosters = rosters;
    this.rows = rows;
  }

  public List<RosterEntity> of(Long packageId) {
    return rosters.findByPackageIdOrderById(packageId);
  }

  public RosterEntity get(Long id) {
    return rosters.findById(id).orElseThrow(() -> new Missing("roster", id));
  }

  public int countOf(Long rosterId) {
    return rows.countByRosterId(rosterId);
  }

  public List<RosterRowEntity> rowsOf(Long rosterId) {
    return rows.findByRosterIdOrderByPlace(rosterId);
  }

  public RosterRowEntity row(Long id) {
    return rows.findById(id).orElseThrow(() -> new Missing("row", id));
  }

  @Transactional
  public RosterEntity add(Long packageId, Roster roster, List<Row> content) {
    RosterEntity entity = rosters.saveAndFlush(new RosterEntity(packageId, roster));
    List<RosterRowEntity> entities = new ArrayList<>();
    for (int i = 0; i < content.size(); i++) {
      entities.add(new RosterRowEntity(entity.id(), i, content.get(i)));
    }
    rows.saveAll(entities);
    return entity;
  }

  /**
   * @param basedOn the revision that the roster was made from
   * @throws StaleSave if another save came first
   * @throws InvalidInput if it takes columns away
   */
  @Transactional
  public RosterEntity keep(Long id, int basedOn, Roster roster) {
    RosterEntity entity = get(id);
    if (entity.revision() != basedOn) {
      throw new StaleSave(roster.name(), entity.revision());
    }
    if (roster.columns().size() < entity.roster().columns().size()) {
      throw new InvalidInput("Columns of a roster can be renamed and added, not taken away.");
    }
    entity.keep(roster);
    return rosters.saveAndFlush(entity);
  }

  @Transactional
  public void delete(Long id) {
    rosters.delete(get(id));
  }

  /**
   * @throws InvalidInput if the roster has other columns
   */
  @Transactional
  public RosterRowEntity keepRow(Long rowId, Row row) {
    RosterRowEntity entity = row(rowId);
    if (row.cells().size() > get(entity.rosterId()).roster().columns().size()) {
      throw new InvalidInput("The row has more cells than the roster has columns.");
    }
    entity.keep(row);
    return rows.saveAndFlush(entity);
  }

  /** Adds rows behind the last one. */
  @Transactional
  public List<RosterRowEntity> addRows(Long rosterId, List<Row> added) {
    get(rosterId);
    if (countOf(rosterId) + added.size() > TableLimits.MOST_ROWS) {
      throw new InvalidInput(Sentence.of("A roster has at most %d rows.", TableLimits.MOST_ROWS));
    }
    int place = rows.lastPlace(rosterId).orElse(-1) + 1;
    List<RosterRowEntity> entities = new ArrayList<>();
    for (Row row : added) {
      entities.add(new RosterRowEntity(rosterId, place++, row));
    }
    return rows.saveAll(entities);
  }

  @Transactional
  public void deleteRow(Long rowId) {
    rows.delete(row(rowId));
  }

  /**
   * Gives the roster a table again.
   *
   * @param taken columns, from 0, by the ids of rows, in which the table's cells are taken though
   *     they were changed by hand too
   * @param withoutGone whether rows that the table no longer has are taken out
   */
  @Transactional
  public RosterEntity merge(
      Long id, Merge merge, Map<Long, Set<Integer>> taken, boolean withoutGone) {
    RosterEntity entity = get(id);
    Roster before = entity.roster();
    entity.keep(
        new Roster(before.name(), merge.columns(), before.key(), before.names(), before.designs()));
    List<RosterRowEntity> known = rowsOf(id);
    Set<Long> kept = new HashSet<>();
    List<RosterRowEntity> all = new ArrayList<>();
    for (Merge.MergedRow merged : merge.rows()) {
      if (merged.fate() == Merge.Fate.GONE && withoutGone) {
        continue;
      }
      int place = all.size();
      if (merged.before().isPresent()) {
        RosterRowEntity there = known.get(merged.before().get());
        there.keep(merged.withOffered(taken.getOrDefault(there.id(), Set.of())));
        there.move(place);
        kept.add(there.id());
        all.add(there);
      } else {
        all.add(new RosterRowEntity(id, place, merged.row()));
      }
    }
    rows.deleteAllInBatch(known.stream().filter(one -> !kept.contains(one.id())).toList());
    rows.saveAll(all);
    return rosters.saveAndFlush(entity);
  }
}
