package app.diaphan.core.roster.table;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * The first sheet of an ODS file (OASIS OpenDocument 1.3, part 3, chapter 9). Cells hold their text
 * as it is shown, so nothing has to be formatted; a formula's is that of its stored value.
 */
final class OdsSheet {
  /** Blank rows and cells are repeated to the end of the sheet. */
  private static final int MOST_REPEATED = TableLimits.MOST_COLUMNS + 1;

  private final XMLStreamReader at;
  private final RawRows rows;

  /** What cells that reach down give to the rows below, by column. */
  private final List<Reaching> reaching = new ArrayList<>();

  private int line;
  private int hidden;

  private record Reaching(String text, int rows) {
    static final Reaching NONE = new Reaching("", 0);
  }

  private OdsSheet(XMLStreamReader at, RawRows rows) {
    this.at = at;
    this.rows = rows;
  }

  static boolean is(Workbook workbook) {
    return workbook.has("content.xml");
  }

  /**
   * @param name of the file
   */
  static void read(String name, Workbook workbook, RawRows rows) {
    try {
      if (encrypted(workbook)) {
        throw TableReader.locked(name);
      }
      try (InputStream in = workbook.part("content.xml").orElseThrow()) {
        new OdsSheet(SheetXml.reader(in), rows).readFirst(name);
      }
    } catch (IOException | XMLStreamException e) {
      throw Workbook.damaged(name, e);
    }
  }

  private static boolean encrypted(Workbook workbook) throws IOException {
    var manifest = workbook.part("META-INF/manifest.xml");
    if (manifest.isEmpty()) {
      return false;
    }
    try (InputStream in = manifest.get()) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8).contains("encryption-data");
    }
  }

  private void readFirst(String name) throws XMLStreamException {
    while (at.hasNext()) {
      if (at.next() == XMLStreamReader.START_ELEMENT && at.getLocalName().equals("table")) {
        readTable();
        return;
      }
    }
    throw new InvalidInput(Sentence.of("The workbook \"%s\" has no sheet.", name));
  }

  private void readTable() throws XMLStreamException {
    int depth = 1;
    while (depth > 0) {
      int event = at.next();
      if (event == XMLStreamReader.START_ELEMENT) {
        if (at.getLocalName().equals("table-row")) {
          readRow();
        } else {
          depth++;
        }
      } else if (event == XMLStreamReader.END_ELEMENT) {
        depth--;
      }
    }
    rows.leftOutHidden(hidden);
  }

  private void readRow() throws XMLStreamException {
    int repeated = number("number-rows-repeated");
    String visibility = SheetXml.attribute(at, "visibility");
    boolean shown = !visibility.equals("collapse") && !visibility.equals("filter");
    List<String> cells = new ArrayList<>();
    while (!(at.next() == XMLStreamReader.END_ELEMENT && at.getLocalName().equals("table-row"))) {
      if (at.isStartElement()) {
        readCell(cells);
      }
    }
    boolean blank = cells.stream().allMatch(String::isBlank);
    for (int i = 0; i < (blank ? 1 : repeated); i++) {
      line++;
      if (shown) {
        rows.add(cells, line);
      } else if (!blank) {
        hidden++;
      }
    }
    line += blank ? repeated - 1 : 0;
  }

  private void readCell(List<String> cells) throws XMLStreamException {
    boolean covered = at.getLocalName().equals("covered-table-cell");
    int repeated = Math.min(number("number-columns-repeated"), MOST_REPEATED);
    int down = number("number-rows-spanned");
    String text = text();
    for (int i = 0; i < repeated; i++) {
      int column = cells.size();
      while (reaching.size() <= column) {
        reaching.add(Reaching.NONE);
      }
      Reaching above = reaching.get(column);
      cells.add(covered && text.isEmpty() && above.rows() > 0 ? above.text() : text);
      reaching.set(
          column,
          !covered && down > 1
              ? new Reaching(text, down - 1)
              : above.rows() > 1 ? new Reaching(above.text(), above.rows() - 1) : Reaching.NONE);
    }
  }

  /** The paragraphs of the cell the reader is at, which it leaves. */
  private String text() throws XMLStreamException {
    StringBuilder text = new StringBuilder();
    boolean first = true;
    int depth = 1;
    while (depth > 0) {
      switch (at.next()) {
        case XMLStreamReader.START_ELEMENT -> {
          depth++;
          switch (at.getLocalName()) {
            case "annotation", "frame", "custom-shape" -> {
              skip();
              depth--;
            }
            case "p" -> {
              text.append(first ? "" : "\n");
              first = false;
            }
            case "s" -> text.append(" ".repeat(Math.min(number("c"), 1000)));
            case "tab" -> text.append('\t');
            case "line-break" -> text.append('\n');
            default -> {}
          }
        }
        case XMLStreamReader.END_ELEMENT -> depth--;
        case XMLStreamReader.CHARACTERS -> text.append(at.getText());
        default -> {}
      }
    }
    return text.toString();
  }

  private void skip() throws XMLStreamException {
    int depth = 1;
    while (depth > 0) {
      int event = at.next();
      depth += event == XMLStreamReader.START_ELEMENT ? 1 : 0;
      depth -= event == XMLStreamReader.END_ELEMENT ? 1 : 0;
    }
  }

  /** A whole number that an attribute says; 1 if it does not. */
  private int number(String attribute) {
    String said = SheetXml.attribute(at, attribute);
    return said.matches("\\d{1,9}") ? Integer.parseInt(said) : 1;
  }
}
