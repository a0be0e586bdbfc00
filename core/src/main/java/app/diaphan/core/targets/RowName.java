package app.diaphan.core.targets;

import app.diaphan.core.deliver.FileName;
import java.util.Optional;
import java.util.function.Function;

/**
 * What a row of a roster gives to the names of its files.
 *
 * @param cells the text of a cell by the name of its column; nothing if there is no such column
 */
public record RowName(Function<String, Optional<String>> cells) {
  /** Of overlays that are filled with no row. */
  public static final RowName NONE = new RowName(name -> Optional.empty());

  /** A cell in a form that every computer takes; empty if nothing in it can be in a name. */
  Optional<String> cell(String column) {
    return cells.apply(column).map(text -> text.isBlank() ? "" : FileName.from(text));
  }
}
