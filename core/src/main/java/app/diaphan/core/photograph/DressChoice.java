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
  List<Dress> of(Dress drawn) {
    return switch (this) {
      case AS_DRAWN -> List.of(drawn);
      case AUTO ->
          drawn == Dress.LIGHT
              ? List.of(Dress.LIGHT, Dress.DARK)
              : List.of(Dress.DARK, Dress.LIGHT);
      case LIGHT -> List.of(Dress.LIGHT);
      case DARK -> List.of(Dress.DARK);
    };
  }
}
