package app.diaphan.server.bundle;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.retarget.PieceChange;
import app.diaphan.core.roster.KeyColumn;
import app.diaphan.core.roster.Merge;
import app.diaphan.core.roster.Roster;
import app.diaphan.core.roster.Row;
import app.diaphan.core.roster.table.ColumnNames;
import app.diaphan.core.roster.table.Table;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A roster of a bundle: a table as CSV, and beside it as JSON what it is for and what was done to
 * its rows.
 *
 * @param roster knows its overlays by the names of their files
 */
public record RosterFile(Roster roster, List<Row> rows) {
  public RosterFile {
    rows = List.copyOf(rows);
  }

  /** A table that feeds what asks for the names of its columns. */
  public static RosterFile of(String name, Table table) {
    String key = KeyColumn.suggested(table.columns(), table.rows());
    return new RosterFile(
        new Roster(name, table.columns(), key, "", List.of()),
        table.rows().stream().map(Row::of).toList());
  }

  /** The same roster with the rows of another table, where it has them; those it lacks are gone. */
  public RosterFile with(Table table) {
    Merge merge = Merge.of(roster.columns(), rows, roster.key(), table);
    return new RosterFile(
        new Roster(roster.name(), merge.columns(), roster.key(), roster.names(), roster.designs()),
        merge.rows().stream()
            .filter(row -> row.fate() != Merge.Fate.GONE)
            .map(Merge.MergedRow::withOffered)
            .toList());
  }

  /**
   * The JSON beside the table.
   *
   * @param rows what was done to them, where anything was
   */
  record Contents(
      String name, String key, String names, List<Roster.Fed> designs, List<RowNote> rows) {}

  /**
   * What the table itself cannot say of a row.
   *
   * @param row from 1
   * @param given what the table gave before a cell was changed by hand, by column
   */
  record RowNote(int row, boolean leftOut, List<PieceChange> changes, Map<String, String> given) {}

  Contents contents() {
    List<RowNote> notes = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      Row row = rows.get(i);
      Map<String, String> given = new LinkedHashMap<>();
      for (int column = 0; column < roster.columns().size(); column++) {
        if (row.edited(column)) {
          given.put(
              roster.columns().get(column),
              column < row.given().size() ? row.given().get(column) : "");
        }
      }
      if (row.leftOut() || !row.changes().isEmpty() || !given.isEmpty()) {
        notes.add(new RowNote(i + 1, row.leftOut(), row.changes(), given));
      }
    }
    return new Contents(roster.name(), roster.key(), roster.names(), roster.designs(), notes);
  }

  static RosterFile of(Contents contents, Table table) {
    List<Row> rows = new ArrayList<>(table.rows().stream().map(Row::of).toList());
    for (RowNote note : contents.rows()) {
      if (note.row() < 1 || note.row() > rows.size()) {
        throw new InvalidInput(
            Sentence.of(
                "The roster \"%s\" says something of row %d, which its table does not have.",
                contents.name(), note.row()));
      }
      Row row = rows.get(note.row() - 1);
      List<String> given = new ArrayList<>(row.cells());
      note.given()
          .forEach(
              (name, text) -> {
                for (int i = 0; i < table.columns().size(); i++) {
                  if (ColumnNames.key(table.columns().get(i)).equals(ColumnNames.key(name))) {
                    given.set(i, text);
                  }
                }
              });
      rows.set(note.row() - 1, new Row(row.cells(), given, note.leftOut(), note.changes()));
    }
    return new RosterFile(
        new Roster(
            contents.name(), table.columns(), contents.key(), contents.names(), contents.designs()),
        rows);
  }
}
