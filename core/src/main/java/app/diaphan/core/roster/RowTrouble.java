package app.diaphan.core.roster;

import app.diaphan.core.Require;

/**
 * Something that keeps a row from being delivered.
 *
 * @param column whose cell it is about, by its name in the roster; empty if it is about the row
 * @param sentence what it is and what to do
 * @param instead what the cell could hold instead; empty if nothing suggests itself
 */
public record RowTrouble(String column, String sentence, String instead) {
  public RowTrouble {
    Require.present(column, "The column of a trouble");
    Require.present(sentence, "What a trouble is");
    Require.present(instead, "What to do about a trouble");
  }

  /** About the row as a whole. */
  public static RowTrouble ofRow(String sentence) {
    return new RowTrouble("", sentence, "");
  }
}
