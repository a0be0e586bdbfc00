package app.diaphan.core.roster.table;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Tables as text (RFC 4180, with whatever stands between the cells): <code>sep=;</code> in the
 * first line says it, as some spreadsheets write it; else it is what divides most lines alike.
 */
final class DelimitedText {
  /** Written by spreadsheets for each other. */
  private static final Pattern SAID = Pattern.compile("\\Asep=(.)\\R");

  private static final char[] KNOWN = {',', ';', '\t', '|'};

  /** Of a table of one column: the unit separator of ISO/IEC 646, which is in no words. */
  private static final char NOTHING = '\u001f';

  private static final int LOOKED_AT = 60;

  private DelimitedText() {}

  static void read(String text, RawRows rows) {
    Matcher said = SAID.matcher(text);
    if (said.find()) {
      read(text.substring(said.end()), said.group(1).charAt(0), rows);
    } else {
      read(text, divider(text), rows);
    }
  }

  /** Cells as a spreadsheet hands them over: with tabs, or one a line. */
  static void readPasted(String text, RawRows rows) {
    read(text, '\t', rows);
  }

  /** Nothing is guessed, stripped or left out. */
  static Table exact(String name, String text) {
    try (CSVParser parser = CSVFormat.RFC4180.parse(new StringReader(text))) {
      List<List<String>> lines = new ArrayList<>();
      for (CSVRecord record : parser) {
        lines.add(record.toList());
        TableLimits.checkRows(lines.size() - 1L);
        TableLimits.checkColumns(record.size(), lines.size());
        for (int i = 0; i < record.size(); i++) {
          TableLimits.checkCell(record.get(i), lines.size(), i + 1L);
        }
        if (record.size() != lines.getFirst().size()) {
          throw new InvalidInput(
              Sentence.of(
                  "Row %d of %s has %d cells, but there are %d columns.",
                  lines.size(), name, record.size(), lines.getFirst().size()));
        }
      }
      if (lines.isEmpty()) {
        throw new InvalidInput(Sentence.of("%s holds no columns.", name));
      }
      return new Table(lines.getFirst(), lines.subList(1, lines.size()), "UTF-8", true, List.of());
    } catch (IOException | UncheckedIOException e) {
      throw new InvalidInput(Sentence.of("%s is damaged and cannot be read.", name), e);
    }
  }

  private static void read(String text, char divider, RawRows rows) {
    try (CSVParser parser = parser(text, divider)) {
      for (CSVRecord record : parser) {
        rows.add(record.toList(), parser.getCurrentLineNumber());
      }
    } catch (IOException | UncheckedIOException e) {
      throw new InvalidInput(
          "The table cannot be read: a quotation mark in it has no second one. Save it again as CSV, or as XLSX.",
          e);
    }
  }

  private static CSVParser parser(String text, char divider) throws IOException {
    return CSVFormat.RFC4180
        .builder()
        .setDelimiter(divider)
        .setIgnoreEmptyLines(true)
        .setTrailingData(true)
        .setLenientEof(true)
        .get()
        .parse(new StringReader(text));
  }

  /** The sign that most of the first lines have equally often. */
  private static char divider(String text) {
    char best = NOTHING;
    double most = 0;
    for (char divider : KNOWN) {
      double alike = alike(text, divider);
      if (alike > most) {
        most = alike;
        best = divider;
      }
    }
    return best;
  }

  /**
   * How many cells a line has in the first lines, times the share of those that agree; 0 if the
   * sign is a part of some words only, which neither the first line nor half of all lines have.
   */
  private static double alike(String text, char divider) {
    Map<Integer, Integer> lines = new HashMap<>();
    List<CSVRecord> first = new ArrayList<>();
    try (CSVParser parser = parser(text, divider)) {
      Iterator<CSVRecord> records = parser.iterator();
      while (first.size() < LOOKED_AT && records.hasNext()) {
        first.add(records.next());
      }
    } catch (IOException | UncheckedIOException e) {
      return 0;
    }
    first.forEach(record -> lines.merge(record.size(), 1, Integer::sum));
    int undivided = lines.getOrDefault(1, 0);
    if (first.isEmpty() || first.getFirst().size() == 1 && 2 * undivided > first.size()) {
      return 0;
    }
    double best = 0;
    for (Map.Entry<Integer, Integer> same : lines.entrySet()) {
      double share = (double) same.getValue() / first.size();
      if (same.getKey() > 1) {
        best = Math.max(best, share * share * Math.min(same.getKey(), 20));
      }
    }
    return best;
  }
}
