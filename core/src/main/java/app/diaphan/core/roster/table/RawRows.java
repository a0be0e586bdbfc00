package app.diaphan.core.roster.table;

import app.diaphan.core.Sentence;
import java.util.ArrayList;
import java.util.List;

/** Collects the cells of a table as they are read, within the limits. */
final class RawRows {
  private final List<List<String>> rows = new ArrayList<>();
  private final List<String> notes = new ArrayList<>();

  /**
   * Adds a row unless it is blank.
   *
   * @param line of the file, from 1
   */
  void add(List<String> cells, long line) {
    int used = cells.size();
    while (used > 0 && cells.get(used - 1).isBlank()) {
      used--;
    }
    if (used == 0) {
      return;
    }
    TableLimits.checkColumns(used, line);
    List<String> kept = new ArrayList<>(used);
    for (int i = 0; i < used; i++) {
      String cell = cells.get(i);
      TableLimits.checkCell(cell, line, i + 1L);
      kept.add(cell.replace("\r\n", "\n").replace('\r', '\n').strip());
    }
    rows.add(kept);
    TableLimits.checkRows(rows.size() - 1L); // One may hold the names of the columns.
  }

  void note(String sentence) {
    notes.add(sentence);
  }

  /**
   * @param count of rows that the spreadsheet does not show
   */
  void leftOutHidden(int count) {
    if (count > 0) {
      note(
          Sentence.of(
              count == 1 ? "One hidden row was left out." : "%d hidden rows were left out.",
              count));
    }
  }

  List<List<String>> rows() {
    return rows;
  }

  List<String> notes() {
    return notes;
  }
}
