package app.diaphan.server.bundle;

import app.diaphan.core.roster.Row;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.QuoteMode;

/** The table of a roster as CSV (RFC 4180), as the bundle's reader reads it without loss. */
public final class RosterTable {
  private RosterTable() {}

  public static String write(RosterFile file) {
    return write(file.roster().columns(), file.rows());
  }

  /** The names of the columns in the first line, all cells in quotes that need them. */
  public static String write(List<String> columns, List<Row> rows) {
    StringBuilder text = new StringBuilder();
    try (CSVPrinter printer =
        new CSVPrinter(text, CSVFormat.RFC4180.builder().setQuoteMode(QuoteMode.MINIMAL).get())) {
      printer.printRecord(columns);
      for (Row row : rows) {
        List<String> cells = new ArrayList<>();
        for (int i = 0; i < columns.size(); i++) {
          cells.add(row.cell(i));
        }
        printer.printRecord(cells);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }
}
