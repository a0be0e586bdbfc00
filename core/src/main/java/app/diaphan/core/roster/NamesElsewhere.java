package app.diaphan.core.roster;

import app.diaphan.core.Sentence;
import app.diaphan.core.targets.IfThere;
import app.diaphan.core.targets.OwnFiles;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The names that other files of a package have: those of its other rosters and of overlays that go
 * out by themselves. They all go to one folder, where the later of two of a name would take the
 * place of the earlier without a word.
 */
public final class NamesElsewhere {
  /** By their names in small letters: some computers do not tell A from a. */
  private final Map<String, Holder> holders = new HashMap<>();

  private sealed interface Holder {
    record RowOf(String roster, int row) implements Holder {}

    record Alone(String overlay, String target) implements Holder {}
  }

  /** Adds all files of a roster. */
  public void add(String roster, List<PlannedRow> planned) {
    for (PlannedRow row : planned) {
      add(row.files(), new Holder.RowOf(roster, row.row()));
    }
  }

  /** Adds files of overlays that go out by themselves. */
  public void add(List<OwnFiles.Named> own) {
    for (OwnFiles.Named named : own) {
      add(named.files(), new Holder.Alone(named.overlay(), named.target()));
    }
  }

  private void add(List<String> files, Holder holder) {
    for (String file : files) {
      holders.putIfAbsent(file.toLowerCase(Locale.ROOT), holder);
    }
  }

  /** The rows, those with a problem whose files would replace another's. */
  public List<PlannedRow> marked(List<PlannedRow> planned) {
    return holders.isEmpty() ? planned : planned.stream().map(this::marked).toList();
  }

  private PlannedRow marked(PlannedRow row) {
    if (!row.problem().isEmpty() || row.target().ifThere() != IfThere.REPLACE) {
      return row;
    }
    Optional<String> taken =
        row.files().stream()
            .filter(file -> holders.containsKey(file.toLowerCase(Locale.ROOT)))
            .findFirst();
    return taken.map(file -> row.withProblem(sentence(file))).orElse(row);
  }

  private String sentence(String file) {
    return switch (holders.get(file.toLowerCase(Locale.ROOT))) {
      case Holder.RowOf(String roster, int row) ->
          Sentence.of(
              "Its file \"%s\" would take the place of row %d of the roster \"%s\". Take the row out of one of them, or tell their files apart in the names.",
              file, row + 1, roster);
      case Holder.Alone(String overlay, String target) ->
          Sentence.of(
              "Its file \"%s\" would take the place of the overlay \"%s\" at \"%s\". Tell their files apart in the names.",
              file, overlay, target);
    };
  }
}
