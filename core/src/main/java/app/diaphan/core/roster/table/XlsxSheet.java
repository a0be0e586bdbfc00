package app.diaphan.core.roster.table;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.apache.poi.ss.usermodel.DataFormatter;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.ExcelReaderException;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;
import org.dhatim.fastexcel.reader.SheetVisibility;

/**
 * The first visible sheet of an XLSX workbook (ECMA-376), with cells as the spreadsheet shows them.
 * Nothing is reckoned: a formula has the value that was stored with it.
 */
final class XlsxSheet {
  /** The number format that shows a number as it is. */
  private static final int GENERAL = 0;

  private final DataFormatter formatter = new DataFormatter(Locale.ROOT);
  private final boolean from1904;
  private final XlsxOutline outline;
  private final RawRows rows;

  private XlsxSheet(boolean from1904, XlsxOutline outline, RawRows rows) {
    this.from1904 = from1904;
    this.outline = outline;
    this.rows = rows;
  }

  static boolean is(Workbook workbook) {
    return workbook.has("xl/workbook.xml");
  }

  /**
   * @param name of the file
   */
  static void read(String name, Workbook workbook, RawRows rows) {
    try (ReadableWorkbook readable =
        new ReadableWorkbook(
            new ByteArrayInputStream(workbook.file()),
            new ReadingOptions(workbook.has("xl/styles.xml"), true))) {
      List<Sheet> sheets =
          readable
              .getSheets()
              .filter(one -> one.getVisibility() == SheetVisibility.VISIBLE)
              .toList();
      if (sheets.isEmpty()) {
        throw new InvalidInput(Sentence.of("The workbook \"%s\" has no visible sheet.", name));
      }
      Sheet sheet = sheets.getFirst();
      if (sheets.size() > 1) {
        rows.note(
            Sentence.of(
                "The sheet \"%s\" was read, the first of %d.", sheet.getName(), sheets.size()));
      }
      XlsxOutline outline = XlsxOutline.of(workbook, sheet.getId());
      new XlsxSheet(readable.isDate1904(), outline, rows).read(sheet);
    } catch (IOException
        | ExcelReaderException
        | IndexOutOfBoundsException
        | ClassCastException e) {
      throw Workbook.damaged(name, e);
    }
  }

  private void read(Sheet sheet) throws IOException {
    int hidden = 0;
    try (Stream<Row> stream = sheet.openStream()) {
      for (Row row : (Iterable<Row>) stream::iterator) {
        if (outline.hidden(row.getRowNum())) {
          hidden++;
        } else {
          rows.add(cells(row), row.getRowNum());
        }
      }
    }
    rows.leftOutHidden(hidden);
  }

  private List<String> cells(Row row) {
    List<String> cells = new ArrayList<>();
    for (Cell cell : row) {
      int column = cells.size();
      String text = cell == null ? "" : shown(cell);
      cells.add(outline.merged(row.getRowNum(), column, text));
    }
    return cells;
  }

  private String shown(Cell cell) {
    String raw = cell.getRawValue() == null ? "" : cell.getRawValue();
    return switch (cell.getType()) {
      case EMPTY -> "";
      case STRING -> cell.asString();
      case BOOLEAN -> cell.asBoolean() ? "TRUE" : "FALSE";
      case ERROR -> raw;
      case NUMBER -> number(cell, cell.asNumber());
      case FORMULA ->
          cell.getValue() instanceof BigDecimal value ? number(cell, value) : text(cell, raw);
    };
  }

  private static String text(Cell cell, String raw) {
    return cell.getValue() == null ? raw : cell.getValue().toString();
  }

  private String number(Cell cell, BigDecimal value) {
    int format = cell.getDataFormatId() == null ? GENERAL : cell.getDataFormatId();
    String pattern = cell.getDataFormatString() == null ? "General" : cell.getDataFormatString();
    return formatter.formatRawCellContents(value.doubleValue(), format, pattern, from1904);
  }
}
