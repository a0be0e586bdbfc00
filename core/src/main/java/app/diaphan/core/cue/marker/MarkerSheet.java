package app.diaphan.core.cue.marker;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.cue.time.CueTime;
import app.diaphan.core.cue.time.TimeBase;
import app.diaphan.core.roster.table.ColumnNames;
import app.diaphan.core.roster.table.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Times in the columns of a table, one row a marker: where it begins, and where it ends or how long
 * it lasts. Columns are known by what they are called.
 */
public final class MarkerSheet {
  private static final Set<String> IN =
      Set.of("in", "from", "start", "begin", "time", "timecode", "record in", "at");
  private static final Set<String> OUT = Set.of("out", "to", "end", "until", "record out");
  private static final Set<String> LENGTH = Set.of("length", "duration", "lasts", "for");
  private static final Set<String> WORDS =
      Set.of("name", "words", "text", "label", "title", "still", "key", "marker");

  private MarkerSheet() {}

  /** Whether some column of a table says where something begins. */
  public static boolean hasTimes(List<String> columns) {
    return place(columns, IN).isPresent();
  }

  /**
   * When each row begins and how long it lasts, in the order of the rows; nothing for a row without
   * a time.
   *
   * @throws InvalidInput if no column holds times, or a cell holds none
   */
  public static List<Optional<Marker>> ofRows(
      List<String> columns, List<List<String>> rows, TimeBase base, long start) {
    int in =
        place(columns, IN)
            .orElseThrow(
                () ->
                    new InvalidInput(
                        Sentence.of(
                            "No column says when; call one \"in\" (and \"out\" or \"length\"). There are %s.",
                            String.join(", ", columns))));
    OptionalInt out = place(columns, OUT);
    OptionalInt length = place(columns, LENGTH);
    int words =
        place(columns, WORDS)
            .orElse(
                IntStream.range(0, columns.size())
                    .filter(i -> i != in && i != out.orElse(-1) && i != length.orElse(-1))
                    .findFirst()
                    .orElse(-1));
    List<Optional<Marker>> markers = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      List<String> row = rows.get(i);
      if (cell(row, in).isBlank()) {
        markers.add(Optional.empty());
        continue;
      }
      try {
        long at = point(cell(row, in), base, start);
        long lasts = 0;
        if (!cell(row, out.orElse(-1)).isBlank()) {
          lasts = point(cell(row, out.getAsInt()), base, start) - at;
          if (lasts < 1) {
            throw new InvalidInput(
                Sentence.of("It ends at %s, before it begins.", cell(row, out.getAsInt()).strip()));
          }
        } else if (!cell(row, length.orElse(-1)).isBlank()) {
          lasts = CueTime.length(cell(row, length.getAsInt()), base);
        }
        markers.add(Optional.of(new Marker(cell(row, words), at, lasts)));
      } catch (InvalidInput e) {
        throw new InvalidInput(Sentence.of("Row %d: %s", i + 1, e.getMessage()), e);
      }
    }
    return markers;
  }

  static MarkersRead read(String name, Table table, TimeBase base, long start) {
    List<Optional<Marker>> rows;
    try {
      rows = ofRows(table.columns(), table.rows(), base, start);
    } catch (InvalidInput e) {
      throw new InvalidInput(Sentence.of("\"%s\": %s", name, e.getMessage()), e);
    }
    List<String> notes = new ArrayList<>(table.notes());
    long without = rows.stream().filter(Optional::isEmpty).count();
    if (without > 0) {
      notes.add(
          Sentence.of(without == 1 ? "%d row has no time." : "%d rows have no time.", without));
    }
    return new MarkersRead(
        "a table",
        rows.stream().flatMap(Optional::stream).toList(),
        Optional.empty(),
        OptionalLong.empty(),
        notes);
  }

  /** A timecode is where it says; seconds and frames are counted from the clip's beginning. */
  private static long point(String cell, TimeBase base, long start) {
    return CueTime.point(cell, base) + (cell.indexOf(':') >= 0 ? 0 : start);
  }

  private static String cell(List<String> row, int at) {
    return at >= 0 && at < row.size() ? row.get(at) : "";
  }

  private static OptionalInt place(List<String> columns, Set<String> names) {
    return IntStream.range(0, columns.size())
        .filter(i -> names.contains(ColumnNames.key(columns.get(i))))
        .findFirst();
  }
}
