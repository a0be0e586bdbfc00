package app.diaphan.core.roster;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.roster.table.ColumnNames;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The column by which rows are known when their table is given again, and by which files are named.
 */
public final class KeyColumn {
  private KeyColumn() {}

  /** The first column whose cells are all different and none empty; else the first one. */
  public static String suggested(List<String> columns, List<List<String>> rows) {
    for (int i = 0; i < columns.size(); i++) {
      Set<String> seen = new HashSet<>();
      int column = i;
      if (rows.stream().allMatch(row -> !row.get(column).isBlank() && seen.add(row.get(column)))) {
        return columns.get(i);
      }
    }
    return columns.getFirst();
  }

  /**
   * The places of rows by their keys.
   *
   * @param column from 0
   * @throws InvalidInput if two rows have the same key
   */
  static Map<String, Integer> places(List<List<String>> rows, int column, String name) {
    Map<String, Integer> places = new HashMap<>();
    for (int i = 0; i < rows.size(); i++) {
      String key = ColumnNames.key(rows.get(i).get(column));
      Integer before = key.isEmpty() ? null : places.put(key, i);
      if (before != null) {
        throw new InvalidInput(
            Sentence.of(
                "Rows %d and %d both have \"%s\" in the column \"%s\", so they cannot be told apart; choose another key column or make them different.",
                before + 1, i + 1, rows.get(i).get(column), name));
      }
    }
    return places;
  }
}
