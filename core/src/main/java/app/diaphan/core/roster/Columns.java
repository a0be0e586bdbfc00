package app.diaphan.core.roster;

import app.diaphan.core.roster.table.ColumnNames;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The columns of a roster and what they feed: a column feeds what asks for its own name, whatever
 * its case and spaces, unless something else is bound to it.
 */
public final class Columns {
  private final Map<String, Integer> places = new HashMap<>();
  private final List<String> names;

  /**
   * @param names of the columns, in order
   * @param bound for a name that a design asks for, the name of the column that feeds it; only
   *     where they differ
   */
  public Columns(List<String> names, Map<String, String> bound) {
    this.names = List.copyOf(names);
    for (int i = 0; i < names.size(); i++) {
      places.put(ColumnNames.key(names.get(i)), i);
    }
    Map<String, Integer> own = Map.copyOf(places);
    bound.forEach(
        (asked, column) ->
            Optional.ofNullable(own.get(ColumnNames.key(column)))
                .ifPresent(place -> places.put(ColumnNames.key(asked), place)));
  }

  /** Which column feeds what asks for this name, from 0. */
  public Optional<Integer> place(String asked) {
    return Optional.ofNullable(places.get(ColumnNames.key(asked)));
  }

  public List<String> names() {
    return names;
  }
}
