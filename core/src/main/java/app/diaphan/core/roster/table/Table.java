package app.diaphan.core.roster.table;

import java.util.List;

/**
 * A table as it was read: every row has a cell for every column.
 *
 * @param columns their names, each once
 * @param rows from top to bottom, none of them blank
 * @param encoding of the text, such as "UTF-8"; empty for a workbook
 * @param headed whether the first line was taken for the names of the columns
 * @param notes sentences on what was not taken as it stands
 */
public record Table(
    List<String> columns,
    List<List<String>> rows,
    String encoding,
    boolean headed,
    List<String> notes) {
  public Table {
    columns = List.copyOf(columns);
    rows = List.copyOf(rows);
    notes = List.copyOf(notes);
  }
}
