package app.diaphan.core.roster;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.roster.table.ColumnNames;
import app.diaphan.core.roster.table.Table;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What giving a table again would do to a roster, before it is done. Rows are matched by their key.
 * Each cell is merged from three: what the table gave before, what the roster holds, what the table
 * gives now. What only one side changed is taken; what both changed is asked about.
 *
 * @param columns those of the table, then those that only the roster has
 * @param rows those of the table in its order, then those that it no longer has
 */
public record Merge(List<String> columns, List<MergedRow> rows) {
  public Merge {
    columns = List.copyOf(columns);
    rows = List.copyOf(rows);
  }

  /** What becomes of a row. */
  public enum Fate {
    NEW,
    CHANGED,
    SAME,
    GONE
  }

  /**
   * @param before its place in the roster, from 0; nothing for a new row
   * @param row as it would be, with the cells of the roster where both sides changed them
   * @param disputed columns whose cells were changed by hand and by the table, from 0
   * @param offered the cells that the table gives, one for each column
   */
  public record MergedRow(
      Fate fate, Optional<Integer> before, Row row, List<Integer> disputed, List<String> offered) {
    public MergedRow {
      disputed = List.copyOf(disputed);
      offered = List.copyOf(offered);
    }

    /** The row with the table's cells in all disputed columns. */
    public Row withOffered() {
      return withOffered(disputed);
    }

    /**
     * The row with the table's cells in some columns.
     *
     * @param columns places from 0; what is not disputed in them stays as it is
     */
    public Row withOffered(Collection<Integer> columns) {
      List<String> cells = new ArrayList<>(row.cells());
      disputed.stream()
          .filter(columns::contains)
          .forEach(column -> cells.set(column, offered.get(column)));
      return row.withCells(cells);
    }
  }

  /**
   * @param columns of the roster
   * @param key the name of its key column
   * @throws InvalidInput if the table has no such column, or a key twice
   */
  public static Merge of(List<String> columns, List<Row> rows, String key, Table table) {
    List<String> all = new ArrayList<>(table.columns());
    Set<String> known = new HashSet<>();
    all.forEach(name -> known.add(ColumnNames.key(name)));
    columns.stream().filter(name -> known.add(ColumnNames.key(name))).forEach(all::add);
    Columns before = new Columns(columns, Map.of());
    Columns now = new Columns(table.columns(), Map.of());
    int keyNow =
        now.place(key)
            .orElseThrow(
                () ->
                    new InvalidInput(
                        Sentence.of(
                            "The table has no column \"%s\", by which the roster knows its rows; choose another key column first.",
                            key)));
    List<Row> moved = rows.stream().map(row -> moved(row, before, all)).toList();
    Map<String, Integer> places =
        KeyColumn.places(moved.stream().map(Row::cells).toList(), keyNow, key);
    KeyColumn.places(table.rows(), keyNow, key);
    List<MergedRow> merged = new ArrayList<>();
    Set<Integer> matched = new HashSet<>();
    for (List<String> cells : table.rows()) {
      List<String> offered = new ArrayList<>(cells);
      while (offered.size() < all.size()) {
        offered.add("");
      }
      Integer place = places.get(ColumnNames.key(cells.get(keyNow)));
      if (place == null) {
        merged.add(new MergedRow(Fate.NEW, Optional.empty(), Row.of(offered), List.of(), offered));
      } else {
        matched.add(place);
        merged.add(merged(moved.get(place), place, offered, cells.size()));
      }
    }
    for (int i = 0; i < moved.size(); i++) {
      if (!matched.contains(i)) {
        Row row = moved.get(i);
        merged.add(new MergedRow(Fate.GONE, Optional.of(i), row, List.of(), row.cells()));
      }
    }
    return new Merge(all, merged);
  }

  /** The row with its cells in other columns. */
  private static Row moved(Row row, Columns from, List<String> to) {
    List<String> cells = new ArrayList<>();
    List<String> given = new ArrayList<>();
    for (String name : to) {
      Optional<Integer> place = from.place(name);
      cells.add(place.map(row::cell).orElse(""));
      given.add(place.filter(at -> at < row.given().size()).map(row.given()::get).orElse(""));
    }
    return new Row(cells, given, row.leftOut(), row.changes());
  }

  /**
   * @param told how many of the cells the table gives; what only the roster has stays
   */
  private static MergedRow merged(Row row, int place, List<String> offered, int told) {
    List<String> cells = new ArrayList<>();
    List<String> given = new ArrayList<>();
    List<Integer> disputed = new ArrayList<>();
    for (int i = 0; i < offered.size(); i++) {
      String ours = row.cell(i);
      String theirs = i < told ? offered.get(i) : row.given().get(i);
      boolean changedThere = !theirs.equals(row.given().get(i));
      if (changedThere && row.edited(i) && !ours.equals(theirs)) {
        disputed.add(i);
      }
      cells.add(changedThere && !row.edited(i) ? theirs : ours);
      given.add(theirs);
    }
    boolean same = cells.equals(row.cells()) && disputed.isEmpty();
    return new MergedRow(
        same ? Fate.SAME : Fate.CHANGED,
        Optional.of(place),
        new Row(cells, given, row.leftOut(), row.changes()),
        disputed,
        offered);
  }

  /** How many rows have a fate. */
  public long count(Fate fate) {
    return rows.stream().filter(row -> row.fate() == fate).count();
  }
}
