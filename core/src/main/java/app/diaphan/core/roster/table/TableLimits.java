package app.diaphan.core.roster.table;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.TextPiece;

/** How large a table may be. */
public final class TableLimits {
  public static final int MOST_ROWS = 99_999;
  public static final int MOST_COLUMNS = 200;

  /** Of a cell; no text holds more. */
  public static final int MOST_CHARACTERS = TextPiece.MOST_CHARACTERS;

  /** Of a file. */
  public static final long MOST_BYTES = 64L << 20;

  /** Of all parts of a workbook together, unpacked. */
  static final long MOST_UNPACKED = 512L << 20;

  /** A part of a workbook that is packed to less than this share of itself was made to hurt. */
  static final double LEAST_PACKED = 1 / 400.0;

  private TableLimits() {}

  static void checkRows(long rows) {
    if (rows > MOST_ROWS) {
      throw new InvalidInput(
          Sentence.of(
              "The table has more than %d rows; split it into several rosters.", MOST_ROWS));
    }
  }

  /**
   * @param line of the file, from 1
   */
  static void checkColumns(long columns, long line) {
    if (columns > MOST_COLUMNS) {
      throw new InvalidInput(
          Sentence.of(
              "Row %d of the file has more than %d columns; leave out those that no overlay shows.",
              line, MOST_COLUMNS));
    }
  }

  /**
   * @param column from 1
   */
  static void checkCell(String cell, long line, long column) {
    if (cell.length() > MOST_CHARACTERS) {
      throw new InvalidInput(
          Sentence.of(
              "The cell in row %d, column %d of the file has %d characters; a cell holds at most %d.",
              line, column, cell.length(), MOST_CHARACTERS));
    }
  }
}
