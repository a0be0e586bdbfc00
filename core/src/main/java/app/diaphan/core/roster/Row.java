package app.diaphan.core.roster;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Require;
import app.diaphan.core.overlay.retarget.PieceChange;
import app.diaphan.core.roster.table.TableLimits;
import java.util.List;

/**
 * A row of a roster.
 *
 * @param cells one for each column
 * @param given the cells as the table gave them last; fewer or none for what was typed here
 * @param leftOut whether it is passed over when the roster is delivered
 * @param changes what is different about single pieces in this row only
 */
public record Row(
    List<String> cells, List<String> given, boolean leftOut, List<PieceChange> changes) {
  public Row {
    Require.present(cells, "The cells of a row");
    Require.present(given, "What the table gave a row");
    Require.present(changes, "What a row changes");
    for (String cell : cells) {
      if (cell.length() > TableLimits.MOST_CHARACTERS) {
        throw new InvalidInput(
            "A cell holds at most " + TableLimits.MOST_CHARACTERS + " characters.");
      }
    }
    cells = List.copyOf(cells);
    given = List.copyOf(given);
    changes = List.copyOf(changes);
  }

  /** A row as a table gives it. */
  public static Row of(List<String> cells) {
    return new Row(cells, cells, false, List.of());
  }

  /** A cell; empty if the row has none there. */
  public String cell(int column) {
    return column < cells.size() ? cells.get(column) : "";
  }

  /**
   * Whether a cell was changed by hand since the table gave it; never in rows that no table gave.
   */
  public boolean edited(int column) {
    return !given.isEmpty() && !cell(column).equals(column < given.size() ? given.get(column) : "");
  }

  public Row withCells(List<String> other) {
    return new Row(other, given, leftOut, changes);
  }
}
