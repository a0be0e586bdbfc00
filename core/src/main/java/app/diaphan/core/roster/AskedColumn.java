package app.diaphan.core.roster;

/**
 * A column that a design asks for.
 *
 * @param name as the design calls it where it does so first
 * @param feeds what its cells have to hold
 */
public record AskedColumn(String name, Feeds feeds) {

  /** What a column's cells are for; the most demanding one if it feeds several things. */
  public enum Feeds {
    WORDS,
    SHOWN,
    FINISHES,
    COLOUR,
    PICTURE
  }
}
