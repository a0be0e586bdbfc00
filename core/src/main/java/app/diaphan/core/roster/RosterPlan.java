package app.diaphan.core.roster;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.deliver.Target;
import app.diaphan.core.overlay.reframe.Retargeting;
import app.diaphan.core.targets.NamePattern;
import app.diaphan.core.targets.NameToken;
import app.diaphan.core.targets.NameValues;
import app.diaphan.core.targets.NamedTarget;
import app.diaphan.core.targets.RowName;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Names every file of a roster before one is written: rows by designs by targets. Nothing is drawn
 * for it, so ten thousand rows are planned at once.
 */
public final class RosterPlan {
  private final String packageName;
  private final LocalDate date;
  private final Optional<NamePattern> pattern;
  private final String key;

  /**
   * @param pattern of all names; without one each target's own, followed by the row's key
   * @param key the name of the roster's key column
   */
  public RosterPlan(String packageName, LocalDate date, Optional<NamePattern> pattern, String key) {
    this.packageName = packageName;
    this.date = date;
    this.pattern = pattern;
    this.key = key;
  }

  /**
   * @return row by row, those that are left out passed over
   */
  public List<PlannedRow> of(
      List<Row> rows, List<RosterDesign> designs, List<NamedTarget> targets) {
    List<PlannedRow> planned = new ArrayList<>();
    for (int row = 0; row < rows.size(); row++) {
      if (rows.get(row).leftOut()) {
        continue;
      }
      for (RosterDesign design : designs) {
        for (NamedTarget target : targets) {
          if (Retargeting.delivers(design.overlay(), target.name())) {
            planned.add(planned(row, rows.get(row), design, target));
          }
        }
      }
    }
    return withCollisions(planned);
  }

  private PlannedRow planned(int place, Row row, RosterDesign design, NamedTarget named) {
    Target target = named.of(design.overlay());
    Columns columns = design.filling().columns();
    RowName cells = new RowName(name -> columns.place(name).map(row::cell));
    NameValues values =
        new NameValues(
            packageName,
            design.overlay().name(),
            named.name(),
            target.frame(),
            design.revision(),
            date,
            place + 1,
            cells,
            0,
            0);
    NamePattern names = pattern.orElseGet(() -> withKey(named.pattern()));
    try {
      if (names.has(NameToken.LEFT) || names.has(NameToken.TOP)) {
        throw new InvalidInput(
            "Where a trimmed file lies is known only once it is drawn, so {left} and {top} cannot stand in the names of a roster's files; side files say it.");
      }
      checkCells(names, columns, row);
      String name = FileName.check(names.name(values));
      return new PlannedRow(place, design, named, name, target.file().fileNames(name), "");
    } catch (InvalidInput e) {
      return new PlannedRow(place, design, named, "", List.of(), e.getMessage());
    }
  }

  private NamePattern withKey(NamePattern ofTarget) {
    return new NamePattern(ofTarget.text() + "_{" + key + "}");
  }

  private static void checkCells(NamePattern names, Columns columns, Row row) {
    for (String asked : names.columns()) {
      if (columns.place(asked).map(row::cell).filter(String::isBlank).isPresent()) {
        throw new InvalidInput(
            Sentence.of(
                "Its file is named by the column \"%s\", which is empty in this row; fill it in or leave the row out.",
                asked));
      }
    }
  }

  /** Some computers do not tell A from a. */
  private static List<PlannedRow> withCollisions(List<PlannedRow> planned) {
    Map<String, PlannedRow> first = new HashMap<>();
    Map<String, PlannedRow> second = new HashMap<>();
    for (PlannedRow row : planned) {
      for (String file : row.files()) {
        String name = file.toLowerCase(Locale.ROOT);
        if (first.putIfAbsent(name, row) != null) {
          second.putIfAbsent(name, row);
        }
      }
    }
    if (second.isEmpty()) {
      return List.copyOf(planned);
    }
    return planned.stream()
        .map(
            row ->
                row.files().stream()
                    .map(file -> file.toLowerCase(Locale.ROOT))
                    .filter(second::containsKey)
                    .findFirst()
                    .map(
                        name ->
                            row.withProblem(
                                collision(
                                    row.files().getFirst(),
                                    first.get(name) == row ? second.get(name) : first.get(name),
                                    row)))
                    .orElse(row))
        .toList();
  }

  private static String collision(String file, PlannedRow other, PlannedRow row) {
    return other.row() == row.row()
        ? Sentence.of(
            "Its files for \"%s\" and \"%s\" would both be called \"%s\"; put {overlay} or {target} in the names.",
            row.target().name(), other.target().name(), file)
        : Sentence.of(
            "Row %d would have the same file name, \"%s\"; put a column that tells them apart in the names.",
            other.row() + 1, file);
  }
}
