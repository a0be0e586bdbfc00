package app.diaphan.core.roster.table;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The door through which tables come in: CSV and its relatives in any encoding, XLSX, ODS, pasted
 * cells and lines. What a file is, is found out from its bytes.
 */
public final class TableReader {
  /** How a compound file begins ([MS-CFB] 2.2): old workbooks, and encrypted new ones. */
  private static final byte[] COMPOUND = {(byte) 0xd0, (byte) 0xcf, 0x11, (byte) 0xe0};

  private TableReader() {}

  /**
   * What somebody chose about how a table is read.
   *
   * @param encoding of text; found out if there is none
   * @param asked the names of columns that a design asks for, which help to tell names from rows
   */
  public record Choices(Optional<String> encoding, Heading heading, List<String> asked) {
    public static final Choices NONE = new Choices(Optional.empty(), Heading.FOUND_OUT, List.of());
  }

  /**
   * @param name of the file
   * @throws InvalidInput if it is no table, too large, damaged or locked
   */
  public static Table read(String name, byte[] file, Choices choices) {
    if (file.length > TableLimits.MOST_BYTES) {
      throw new InvalidInput(
          Sentence.of(
              "The table \"%s\" has %d MB; a table has at most %d.",
              name, file.length >> 20, TableLimits.MOST_BYTES >> 20));
    }
    RawRows rows = new RawRows();
    String encoding = "";
    if (starts(file, COMPOUND)) {
      throw ofCompound(name, file);
    } else if (starts(file, new byte[] {'P', 'K', 3, 4})) {
      readWorkbook(name, Workbook.of(name, file), rows);
    } else {
      DecodedText text = DecodedText.of(name, file, choices.encoding());
      encoding = text.encoding();
      DelimitedText.read(text.text(), rows);
    }
    return table(name, rows, encoding, choices, false);
  }

  /** Cells or lines from the clipboard. */
  public static Table pasted(String text, Choices choices) {
    RawRows rows = new RawRows();
    DelimitedText.readPasted(text, rows);
    boolean list = rows.rows().stream().allMatch(row -> row.size() == 1);
    return table("What was pasted", rows, "", choices, list);
  }

  /**
   * A table as Diaphan itself writes it: UTF-8 with commas, names first, and every cell as it
   * stands, blank rows too.
   */
  public static Table written(String name, byte[] file) {
    return DelimitedText.exact(name, new String(file, StandardCharsets.UTF_8));
  }

  private static void readWorkbook(String name, Workbook workbook, RawRows rows) {
    if (XlsxSheet.is(workbook)) {
      XlsxSheet.read(name, workbook, rows);
    } else if (OdsSheet.is(workbook)) {
      OdsSheet.read(name, workbook, rows);
    } else {
      throw new InvalidInput(
          Sentence.of("\"%s\" is a zip file without a table in it. Give CSV, XLSX or ODS.", name));
    }
  }

  private static InvalidInput ofCompound(String name, byte[] file) {
    String text = new String(file, StandardCharsets.UTF_16LE);
    if (text.contains("EncryptedPackage")
        || new String(file, 1, file.length - 1, StandardCharsets.UTF_16LE)
            .contains("EncryptedPackage")) {
      return locked(name);
    }
    return new InvalidInput(
        Sentence.of(
            "The workbook \"%s\" is of an old kind that is not read; save it as XLSX or CSV.",
            name));
  }

  static InvalidInput locked(String name) {
    return new InvalidInput(
        Sentence.of("The workbook \"%s\" is locked with a password; save it without one.", name));
  }

  private static Table table(
      String name, RawRows raw, String encoding, Choices choices, boolean list) {
    List<List<String>> rows = raw.rows();
    if (rows.isEmpty()) {
      throw new InvalidInput(Sentence.of("\"%s\" holds no rows.", name));
    }
    boolean headed =
        switch (choices.heading()) {
          case FIRST_ROW -> true;
          case NONE -> false;
          case FOUND_OUT -> ColumnNames.head(rows.getFirst(), choices.asked(), list);
        };
    int width = rows.stream().mapToInt(List::size).max().orElseThrow();
    List<String> notes = new ArrayList<>(raw.notes());
    List<String> names = new ArrayList<>();
    if (headed) {
      names.addAll(rows.getFirst());
    } else if (width == choices.asked().size()) {
      names.addAll(choices.asked());
    }
    while (names.size() < width) {
      names.add("");
    }
    List<List<String>> below =
        (headed ? rows.subList(1, rows.size()) : rows)
            .stream().map(row -> padded(row, width)).toList();
    TableLimits.checkRows(below.size());
    return new Table(ColumnNames.distinct(names, notes), below, encoding, headed, notes);
  }

  private static List<String> padded(List<String> row, int width) {
    List<String> cells = new ArrayList<>(row);
    while (cells.size() < width) {
      cells.add("");
    }
    return List.copyOf(cells);
  }

  private static boolean starts(byte[] file, byte[] begin) {
    for (int i = 0; i < begin.length; i++) {
      if (i >= file.length || file[i] != begin[i]) {
        return false;
      }
    }
    return true;
  }
}
