package app.diaphan.core.roster;

import app.diaphan.core.Sentence;
import app.diaphan.core.targets.IfThere;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The names that files of a package's other rosters have. They all go to one folder, where the
 * later of two of a name would take the place of the earlier without a word.
 */
public final class NamesElsewhere {
  /** By their names in small letters: some computers do not tell A from a. */
  private final Map<String, Holder> holders = new HashMap<>();

  private record Holder(String roster, int row) {}

  /** Adds all files of a roster. */
  public void add(String roster, List<PlannedRow> planned) {
    for (PlannedRow row : planned) {
      for (String file : row.files()) {
        holders.putIfAbsent(file.toLowerCase(Locale.ROOT), new Holder(roster, row.row()));
      }
    }
  }

  /** The rows, those with a problem whose files would replace another roster's. */
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
    Holder holder = holders.get(file.toLowerCase(Locale.ROOT));
    return Sentence.of(
        "Its file \"%s\" would take the place of row %d of the roster \"%s\". Take the row out of one of them, or tell their files apart in the names.",
        file, holder.row() + 1, holder.roster());
  }
}
