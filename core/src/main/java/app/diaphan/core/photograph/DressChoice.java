package app.diaphan.core.photograph;

import java.util.List;

/** Which dress of a mark a photograph gets. */
public enum DressChoice {
  /** That of the overlay, however light it is. */
  AS_DRAWN,
  /** The one that stands out better. */
  AUTO,
  LIGHT,
  DARK;

  /**
   * Those to choose from, the first of equals.
   *
   * @param drawn of the overlay itself
   */
  List<MarkDress> of(MarkDress drawn) {
    return switch (this) {
      case AS_DRAWN -> List.of(drawn);
      case AUTO ->
          drawn == MarkDress.LIGHT
              ? List.of(MarkDress.LIGHT, MarkDress.DARK)
              : List.of(MarkDress.DARK, MarkDress.LIGHT);
      case LIGHT -> List.of(MarkDress.LIGHT);
      case DARK -> List.of(MarkDress.DARK);
    };
  }
}
