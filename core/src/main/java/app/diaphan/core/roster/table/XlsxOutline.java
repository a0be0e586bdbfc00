package app.diaphan.core.roster.table;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * What the sheet of a workbook says beside its cells: which rows are hidden, and which cells are
 * merged. Of merged cells only the first has a value; those below it in its column are given it
 * too, those to the right stay empty, since a heading over several columns belongs to none of them.
 */
final class XlsxOutline {
  private static final Pattern AREA =
      Pattern.compile("([A-Z]{1,3})(\\d{1,7}):[A-Z]{1,3}(\\d{1,7})");

  private final Set<Integer> hidden = new HashSet<>();
  private final List<Merged> merged = new ArrayList<>();
  private final Map<Merged, String> values = new HashMap<>();

  /**
   * @param column from 0
   * @param first row, from 1
   * @param last row
   */
  private record Merged(int column, int first, int last) {}

  private XlsxOutline() {}

  /**
   * @param id by which the workbook refers to the sheet
   */
  static XlsxOutline of(Workbook workbook, String id) throws IOException {
    XlsxOutline outline = new XlsxOutline();
    try {
      Optional<String> part = partOf(workbook, id);
      if (part.isPresent()) {
        try (InputStream in = workbook.part(part.get()).orElseThrow()) {
          outline.read(SheetXml.reader(in));
        }
      }
    } catch (XMLStreamException e) {
      throw new IOException(e);
    }
    return outline;
  }

  private static Optional<String> partOf(Workbook workbook, String id)
      throws IOException, XMLStreamException {
    Optional<InputStream> relations = workbook.part("xl/_rels/workbook.xml.rels");
    if (relations.isEmpty()) {
      return Optional.empty();
    }
    try (InputStream in = relations.get()) {
      XMLStreamReader at = SheetXml.reader(in);
      while (at.hasNext()) {
        if (at.next() == XMLStreamReader.START_ELEMENT && SheetXml.attribute(at, "Id").equals(id)) {
          String target = SheetXml.attribute(at, "Target");
          String part = target.startsWith("/") ? target.substring(1) : "xl/" + target;
          return Optional.of(part).filter(workbook::has);
        }
      }
    }
    return Optional.empty();
  }

  private void read(XMLStreamReader at) throws XMLStreamException {
    int row = 0;
    while (at.hasNext()) {
      if (at.next() != XMLStreamReader.START_ELEMENT) {
        continue;
      }
      switch (at.getLocalName()) {
        case "row" -> {
          String number = SheetXml.attribute(at, "r");
          row = number.matches("\\d{1,7}") ? Integer.parseInt(number) : row + 1;
          String said = SheetXml.attribute(at, "hidden");
          if (said.equals("1") || said.equals("true")) {
            hidden.add(row);
          }
        }
        case "mergeCell" -> addMerged(SheetXml.attribute(at, "ref"));
        default -> {}
      }
    }
  }

  private void addMerged(String area) {
    Matcher matcher = AREA.matcher(area);
    if (!matcher.matches()) {
      return;
    }
    int column = 0;
    for (char letter : matcher.group(1).toCharArray()) {
      column = 26 * column + letter - 'A' + 1;
    }
    int first = Integer.parseInt(matcher.group(2));
    int last = Integer.parseInt(matcher.group(3));
    if (last > first) {
      merged.add(new Merged(column - 1, first, last));
    }
  }

  /**
   * @param row from 1
   */
  boolean hidden(int row) {
    return hidden.contains(row);
  }

  /**
   * What a cell holds with what merging gives it. Rows are asked for from top to bottom.
   *
   * @param own text of the cell
   */
  String merged(int row, int column, String own) {
    for (Merged area : merged) {
      if (area.column() == column && row >= area.first() && row <= area.last()) {
        if (row == area.first()) {
          values.put(area, own);
        } else if (own.isEmpty()) {
          return values.getOrDefault(area, "");
        }
      }
    }
    return own;
  }
}
