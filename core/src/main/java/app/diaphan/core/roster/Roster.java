package app.diaphan.core.roster;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.Require;
import app.diaphan.core.Sentence;
import app.diaphan.core.overlay.slot.SlotRules;
import app.diaphan.core.roster.table.ColumnNames;
import app.diaphan.core.roster.table.TableLimits;
import app.diaphan.core.targets.NamePattern;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A table of a package and what it is for; its rows are kept by themselves.
 *
 * @param columns their names, in order
 * @param key the column by which rows are known when the table is given again
 * @param names the pattern of its files' names; empty for each target's own with the key behind it
 * @param designs the overlays that its rows fill, each once
 */
public record Roster(
    String name, List<String> columns, String key, String names, List<Fed> designs) {

  /**
   * An overlay that the rows fill.
   *
   * @param overlay what it is known by where the roster is kept
   * @param bound for a name that the overlay asks for, the column that feeds it; only where they
   *     differ
   */
  public record Fed(String overlay, Map<String, String> bound) {
    public Fed {
      Require.present(overlay, "The overlay that a roster fills");
      Require.present(bound, "Which columns are bound");
      bound = Map.copyOf(bound);
    }
  }

  public Roster {
    Names.check(name, 120, "A roster's name");
    Require.present(columns, "The columns of the roster");
    if (columns.isEmpty() || columns.size() > TableLimits.MOST_COLUMNS) {
      throw new InvalidInput(
          Sentence.of("A roster has 1 to %d columns.", TableLimits.MOST_COLUMNS));
    }
    Set<String> keys = new HashSet<>();
    for (String column : columns) {
      Names.check(column, SlotRules.LONGEST_NAME, "The name of a column");
      if (!keys.add(ColumnNames.key(column))) {
        throw new InvalidInput(
            Sentence.of("Two columns of the roster are called \"%s\"; give one another.", column));
      }
    }
    columns = List.copyOf(columns);
    Require.present(key, "The key column of the roster");
    if (!keys.contains(ColumnNames.key(key))) {
      throw new InvalidInput(
          Sentence.of("The roster has no column \"%s\" to know its rows by.", key));
    }
    Require.present(names, "The pattern of the roster's file names");
    if (!names.isEmpty()) {
      for (String asked : new NamePattern(names).columns()) {
        if (!keys.contains(ColumnNames.key(asked))) {
          throw new InvalidInput(
              Sentence.of(
                  "The pattern of file names has {%s}, but the roster has no such column; it has %s.",
                  asked, String.join(", ", columns)));
        }
      }
    }
    Require.present(designs, "What the roster fills");
    if (designs.stream().map(Fed::overlay).distinct().count() < designs.size()) {
      throw new InvalidInput("The roster fills one overlay twice.");
    }
    designs = List.copyOf(designs);
  }

  public Optional<NamePattern> pattern() {
    return names.isEmpty() ? Optional.empty() : Optional.of(new NamePattern(names));
  }

  /** The columns as they feed one overlay. */
  public Columns columnsFor(String overlay) {
    return new Columns(
        columns,
        designs.stream()
            .filter(fed -> fed.overlay().equals(overlay))
            .findFirst()
            .map(Fed::bound)
            .orElse(Map.of()));
  }
}
